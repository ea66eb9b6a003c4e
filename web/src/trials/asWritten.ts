import type { TrialFields, TrialView } from '../api/schema';

/** A record as it was written down, to be written down again with something changed. */
export function asWritten({ bentOn, recipe, done, outcome, note, supposed }: TrialView): TrialFields {
  return { bentOn, recipe, done: { stages: done.stages.map(({ kind, actualMinutes }) => ({ kind, actualMinutes })), chamber: done.chamber }, outcome, note, supposed };
}
