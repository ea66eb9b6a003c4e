import { useEffect, useMemo, useState } from 'react';
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

/** Half-typed numbers, such as the 7 of 7/16, are gone again within this time [ms] and need no answer. */
const TYPING_PAUSE = 180;

/** The value once it has stayed the same for a moment. */
function useSettled<T>(value: T): T {
  const [settled, setSettled] = useState(value);
  useEffect(() => {
    const timer = setTimeout(() => {
      setSettled(value);
    }, TYPING_PAUSE);
    return () => {
      clearTimeout(timer);
    };
  }, [value]);
  return settled;
}

/** What was typed, read and forecast: the recipe once it is one, the problems by field, and the answer. */
export function useRecipe(form: RecipeForm) {
  const [system] = useUnits();
  const read = useReadings(typedQuantities(form), system);
  const readings = useMemo(
    () => Object.fromEntries(quantityFields.map((field, i) => [field, read[i]])) as Readings,
    [read],
  );
  const recipe = useMemo(() => recipeOf(form, readings), [form, readings]);
  const settled = useSettled(recipe);
  const forecast = useForecast(settled);
  const problems: FieldProblems = {
    ...(forecast.error instanceof Problem && recipe && settled === recipe ? problemsByField(forecast.error.errors) : {}),
    ...typingProblems(form, readings),
  };
  return { recipe, settled, readings, problems, forecast };
}
