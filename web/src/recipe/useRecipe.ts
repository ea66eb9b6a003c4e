import { useEffect, useMemo, useState } from 'react';
import { Problem } from '../api/client';
import { useTypedForecast } from '../api/queries';
import type { ForecastAnswer, RecipeFields, TypedRecipe } from '../api/schema';
import { useUnits } from '../app/units';
import { readingsOf, SILENT } from '../units/reading';
import { problemsByField, readingsByField, typedRecipe, type FieldProblems, type Readings, type RecipeForm } from './form';

/** Half-typed numbers, such as the 7 of 7/16, are gone again within this time [ms] and need no answer. */
const TYPING_PAUSE = 150;

/** The text once it has stayed the same for a moment. */
function useSettled(text: string): string {
  const [settled, setSettled] = useState(text);
  useEffect(() => {
    const timer = setTimeout(() => {
      setSettled(text);
    }, TYPING_PAUSE);
    return () => {
      clearTimeout(timer);
    };
  }, [text]);
  return settled;
}

/** A recipe as it was understood, and its forecast. */
export interface Answer {
  recipe: RecipeFields;
  forecast: ForecastAnswer;
}

/** What came of what is typed. */
export interface RecipeState {
  readings: Readings;
  problems: FieldProblems;
  /** The last answer there was; of an older entry unless it is current. */
  answer: Answer | undefined;
  /** Whether the answer is the answer to what is typed. */
  current: boolean;
  /** Why there is no answer, where that is not for what was typed. */
  failure: string | undefined;
  /** The typed recipe as it would be sent. */
  typed: TypedRecipe;
}

/** What was typed, read and forecast in one request. */
export function useRecipe(form: RecipeForm): RecipeState {
  const [system] = useUnits();
  const text = JSON.stringify(typedRecipe(form, system));
  const typed = useMemo(() => JSON.parse(text) as TypedRecipe, [text]);
  const settled = useSettled(text);
  const { data, isPlaceholderData, error } = useTypedForecast(useMemo(() => JSON.parse(settled) as TypedRecipe, [settled]));
  const [answer, setAnswer] = useState<Answer>();
  const { recipe, forecast } = data ?? {};
  if (recipe && forecast && forecast !== answer?.forecast) setAnswer({ recipe, forecast });
  const answered = settled === text && !isPlaceholderData && !error;
  const byPlace = readingsOf(typed.typed, data?.asked.typed ?? [], data?.readings ?? []);
  const unreadable = Object.entries(byPlace).flatMap(([field, { error: message }]) => (message ? [{ field, message }] : []));
  return {
    readings: readingsByField(form, byPlace),
    problems: problemsByField(form, [...(answered ? (data?.problems ?? []) : []), ...unreadable]),
    answer,
    current: answered && forecast !== undefined,
    failure: error ? (error instanceof Problem ? error.message : SILENT) : undefined,
    typed,
  };
}
