import type { RecipeFields, TrialView } from '../api/schema';
import { factsOf } from '../methods/forms';

export type Supposed = NonNullable<TrialView['supposed']>[number];

/** What nobody may have written down, as it is called. */
export const SUPPOSED: Record<Supposed, string> = {
  SEASONING: 'how it was dried',
  WIDTH: 'its width',
  ANGLE: 'the angle of the bend',
  CARRY: 'the carry',
  HEAT: 'how hot it was',
};

const SAYS: Record<Supposed, (recipe: RecipeFields) => unknown> = {
  SEASONING: ({ blank }) => blank.seasoning,
  WIDTH: ({ blank }) => blank.widthMm,
  ANGLE: ({ angleDegrees }) => angleDegrees,
  CARRY: ({ method }) => (method as { carrySeconds?: number }).carrySeconds,
  HEAT: ({ method }) => factsOf(method).heatC,
};

/** What is still supposed of a recipe after it was corrected: what was written anew is known. */
export function stillSupposed(supposed: Supposed[], before: RecipeFields, now: RecipeFields): Supposed[] | undefined {
  const still = supposed.filter((each) => SAYS[each](before) === SAYS[each](now));
  return still.length > 0 ? still : undefined;
}
