import { useNavigate } from 'react-router';
import type { RecipeFields } from '../api/schema';
import { useStored, writeStored } from '../app/storage';
import { useUnits } from '../app/units';
import { completed, FIRST_RECIPE, formOf, type RecipeForm } from '../recipe/form';
import { FORECAST_DRAFT } from './draft';

/** The recipe under forecast, shared by every view that advises on it. */
export function useForecastDraft(): [RecipeForm, (form: RecipeForm) => void] {
  const [kept, setForm] = useStored<RecipeForm>(FORECAST_DRAFT, FIRST_RECIPE);
  return [completed(kept), setForm];
}

/** Takes a recipe into the forecast and goes there. */
export function useTakeToForecast(): (recipe: RecipeFields) => void {
  const [system] = useUnits();
  const navigate = useNavigate();
  return (recipe) => {
    writeStored(FORECAST_DRAFT, formOf(recipe, system));
    void navigate('/forecast');
  };
}
