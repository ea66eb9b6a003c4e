import { AT_BEND } from '../methods/hotWood/form';
import { BEHIND, CLAMPED, CLAMPED_FROM } from '../methods/coldLamination/form';
import { BENT_BY, PIPE_FACE } from '../methods/hotPipe/form';
import { SAWN_IN } from '../methods/kerfBending/form';
import { BETWEEN, PLATE_BAG } from '../methods/pressedPlate/form';
import { BENT } from '../methods/steamBag/form';
import type { MethodChosen } from '../methods/typed';
import { sayIfAny } from '../messages/say';
import type { RecipeForm } from './form';
import { ADDITIVE, ENDS, GLUE, GROWTH_RINGS, KNOTS, OUTER_FACE, OUTLINE, SEASONING, SUPPORT } from './options';

/** What is chosen from a few words, of whatever way of bending. */
export type Chosen = 'seasoning' | 'growthRings' | 'knots' | 'outerFace' | 'outline' | MethodChosen;

/** What there is to choose from. */
export const CHOICES: { [C in Chosen]: Record<RecipeForm[C], string> } = {
  seasoning: SEASONING, growthRings: GROWTH_RINGS, knots: KNOTS, outerFace: OUTER_FACE, outline: OUTLINE,
  soakAdditive: ADDITIVE, support: SUPPORT, ends: ENDS, atBend: AT_BEND, bent: BENT, pipeFace: PIPE_FACE, bentBy: BENT_BY, shaped: OUTLINE,
  glue: GLUE, clampOrder: CLAMPED_FROM, clampForce: CLAMPED, backing: BEHIND, sawnIn: SAWN_IN, between: BETWEEN, plateBag: PLATE_BAG,
};

/** The options that mean nobody looked. */
const UNSAID = ['UNKNOWN', 'NOT_SAID'];

export function isUnsaid(option: string): boolean {
  return UNSAID.includes(option);
}

/** An option as it reads in the sentence of a recipe. */
export function optionInWords(field: Chosen, option: string): string {
  return sayIfAny(`said.${field}.${option}`) ?? (CHOICES[field] as Record<string, string>)[option] ?? option;
}

/** All there is to choose from, as it reads there. */
export function optionsInWords(field: Chosen): Record<string, string> {
  return Object.fromEntries(Object.keys(CHOICES[field]).map((option) => [option, optionInWords(field, option)]));
}
