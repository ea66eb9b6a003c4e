import { useEffect, useMemo, useState } from 'react';
import { useCurveForecast, useFamiliar, type AskedCurve } from '../api/curves';
import type { ChainFields, CurveReading } from '../api/schema';
import { useUnits } from '../app/units';
import { readStored, writeStored } from '../app/storage';
import { factsOf } from '../methods/forms';
import type { Answer } from '../recipe/useRecipe';
import { useReadings, type Reading } from '../units/reading';
import { chainOf, CURVE_DRAFT, draftOf, overhangOf, typedOf, type CurveDraft } from './draft';

/** A hand that drags rests so long before anything is asked [ms]. */
const REST = 120;

/** A curve, and what there is to say of it. */
export interface Curve {
  draft: CurveDraft | undefined;
  change: (draft: CurveDraft) => void;
  readings: Record<string, Reading>;
  /** The curve with everything typed put in; the last there was while something cannot be read. */
  chain: ChainFields | undefined;
  /** Thickness of the piece when it is done. */
  thicknessMm: number;
  /** What is asked, once it stands still. */
  asked: AskedCurve | undefined;
  answer: (CurveReading & { asked: AskedCurve }) | undefined;
  /** Whether the answer is the answer to what is drawn. */
  current: boolean;
  failure: string | undefined;
}

/** The curve that is worked on; it begins as the planned bend. */
export function useCurve(plan: Answer | undefined, planned: boolean): Curve {
  const [system] = useUnits();
  const [draft, setDraft] = useState<CurveDraft | undefined>(() => readStored<CurveDraft>(CURVE_DRAFT));
  const { mutate: begin, isIdle } = useFamiliar();
  const recipe = plan?.recipe;
  useEffect(() => {
    if (draft || !recipe || !isIdle) return;
    begin({ curve: 'SINGLE', innerRadiusMm: recipe.innerRadiusMm, angleDegrees: recipe.angleDegrees }, { onSuccess: (chain) => { setDraft((now) => now ?? draftOf(chain)); } });
  }, [draft, recipe, isIdle, begin]);
  useEffect(() => {
    if (draft) writeStored(CURVE_DRAFT, draft);
  }, [draft]);
  const readings = useReadings(draft ? typedOf(draft) : {}, system);
  const read = draft && chainOf(draft, readings);
  // a curve is the same when it is written the same; the last one stays while something cannot be read
  const [last, setLast] = useState<{ text: string; chain: ChainFields }>();
  const text = read && JSON.stringify(read);
  if (read && text !== undefined && text !== last?.text) setLast({ text, chain: read });
  const chain = last?.chain;
  const strapTurned = draft?.strapTurned ?? false;
  const over = draft && overhangOf(draft, readings, system);
  const [lastOver, setLastOver] = useState(over);
  if (over !== undefined && over !== lastOver) setLastOver(over);
  const now = useMemo<AskedCurve | undefined>(() => (recipe && chain && lastOver !== undefined ? { recipe, chain, strapTurned, overhangMm: lastOver } : undefined),
    [recipe, chain, strapTurned, lastOver]);
  const asked = useRested(now);
  const { data, error, isPlaceholderData } = useCurveForecast(asked);
  return {
    draft, change: setDraft, readings, chain, asked,
    thicknessMm: plan ? (data?.asked.recipe === plan.recipe ? data.thicknessMm : sectionOf(plan)) : 0,
    answer: data,
    current: data !== undefined && !isPlaceholderData && !error && asked === now && read !== undefined && over !== undefined && planned,
    failure: error ? error.message : undefined,
  };
}

/** Of the section as it is asked for, until the server has said what is left of it when the piece is done. */
function sectionOf({ recipe }: Answer): number {
  return recipe.blank.thicknessMm * factsOf(recipe.method).plies;
}

function useRested<T>(value: T): T {
  const [rested, setRested] = useState(value);
  useEffect(() => {
    const timer = setTimeout(() => { setRested(value); }, REST);
    return () => { clearTimeout(timer); };
  }, [value]);
  return rested;
}
