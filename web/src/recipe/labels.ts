import type { TermName } from '../help/titles';
import { methodOf } from '../methods/forms';
import { say, sayIfAny, type MessageId } from '../messages/say';
import type { RecipeForm } from './form';

/** What a field of a recipe is called; a way of bending may have a name of its own for it. */
export function labelOf(field: keyof RecipeForm, form: RecipeForm): string {
  if (field === 'thickness') return methodOf(form).thickness;
  return sayIfAny(`field.${field}.of.${form.method}`) ?? say(`field.${field}` as MessageId);
}

/** What is said below a field in which nothing stands. */
export function hintOf(field: keyof RecipeForm): string | undefined {
  return sayIfAny(`field.${field}.hint`);
}

/** What a beginner may not know. */
export const HELP: Partial<Record<keyof RecipeForm, TermName>> = {
  outline: 'section', seasoning: 'seasoning', growthRings: 'rings', outerFace: 'outerFace', grainRun: 'grainSlope', support: 'support', endGap: 'slack',
  carrySeconds: 'carry', holdHours: 'hold', frameHours: 'hold', plies: 'plies', acrossRise: 'riseAcross',
};
