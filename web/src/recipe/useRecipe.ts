import { useMemo } from 'react';
import { Problem } from '../api/client';
import { useForecast } from '../api/queries';
import { useUnits } from '../app/units';
import { useReadings } from '../units/reading';
import {
  problemsByField,
  quantityFields,
  recipeOf,
  typedQuantities,
  typingProblems,
  type FieldProblems,
  type Readings,
  type RecipeForm,
} from './form';

/** What was typed, read and forecast: the recipe once it is one, the problems by field, and the answer. */
export function useRecipe(form: RecipeForm) {
  const [system] = useUnits();
  const read = useReadings(typedQuantities(form), system);
  const readings = useMemo(
    () => Object.fromEntries(quantityFields.map((field, i) => [field, read[i]])) as Readings,
    [read],
  );
  const recipe = useMemo(() => recipeOf(form, readings), [form, readings]);
  const forecast = useForecast(recipe);
  const problems: FieldProblems = {
    ...(forecast.error instanceof Problem && recipe ? problemsByField(forecast.error.errors) : {}),
    ...typingProblems(form, readings),
  };
  return { recipe, readings, problems, forecast };
}
