import type { LogbookFields, TrialView } from '../api/schema';
import type { UnitSystem } from '../app/units';
import { factsOf } from '../methods/forms';
import { factsInWords } from '../trials/facts';
import { outcomeLine } from '../trials/words';
import { printDay } from '../units/days';

export type LogbookEntry = LogbookFields['entries'][number];

/** A record as it stands on paper, under a heading where one begins. */
export function entryOf(trial: TrialView, wood: string, system: UnitSystem, heading?: string): LogbookEntry {
  const { recipe } = trial;
  return {
    ...(heading === undefined ? {} : { heading }), title: `${wood}, ${outcomeLine(trial.outcome)}`, day: printDay(trial.bentOn),
    facts: factsInWords(trial, undefined, system).map(([term, text]) => ({ term, text })),
    thicknessMm: recipe.blank.thicknessMm * factsOf(recipe.method).plies, innerRadiusMm: recipe.innerRadiusMm, angleDegrees: recipe.angleDegrees,
  };
}
