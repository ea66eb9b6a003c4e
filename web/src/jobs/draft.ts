import type { JobFields, RecipeFields } from '../api/schema';
import { writeStored } from '../app/storage';
import { wholeNumber } from '../units/number';

/** A job as it is typed. */
export interface JobForm {
  name: string;
  wanted: string;
  certainty: '0.8' | '0.9' | '0.95';
  good: 'flaw' | 'clean';
  dueOn: string;
  note: string;
}

export const EMPTY_JOB: JobForm = { name: '', wanted: '1', certainty: '0.9', good: 'flaw', dueOn: '', note: '' };

export function jobForm({ name, wanted, certainty, flawsPass, dueOn, note }: JobFields): JobForm {
  const asked = String(certainty);
  return {
    name, wanted: String(wanted), certainty: asked === '0.8' || asked === '0.95' ? asked : '0.9', good: flawsPass ? 'flaw' : 'clean', dueOn: dueOn ?? '', note,
  };
}

/** The job that was typed, with its plan; throws what keeps it from being one. */
export function jobOf({ name, wanted, certainty, good, dueOn, note }: JobForm, plan: Pick<JobFields, 'recipe' | 'madeWith' | 'curveId'>): JobFields {
  const pieces = wholeNumber(wanted);
  if (name.trim() === '') throw new Error('Give the job a name.');
  if (pieces === undefined) throw new Error(`“${wanted}” is not a number of pieces.`);
  return { name, wanted: pieces, certainty: Number(certainty), flawsPass: good === 'flaw', ...(dueOn ? { dueOn } : {}), note, ...plan };
}

/** Whether two plans are the same, however they are written. */
export function sameRecipe(one: RecipeFields, other: RecipeFields): boolean {
  return inOrder(one) === inOrder(other);
}

function inOrder(value: unknown): string {
  return JSON.stringify(value, (_, part: unknown) =>
    part !== null && typeof part === 'object' && !Array.isArray(part) ? Object.fromEntries(Object.entries(part).sort(([a], [b]) => (a < b ? -1 : 1))) : part);
}

/** The job the plan is for, by its key; none where the plan is for itself. */
export const PLANNED_JOB = 'brachion.planned-job';

export interface PlannedJob {
  job?: number;
}

/** The plan is for this job from now on. */
export function planFor(job: number) {
  writeStored(PLANNED_JOB, { job } satisfies PlannedJob);
}
