import { placesOf, type RecipeForm } from '../recipe/form';
import { methodOf } from './forms';
import { STRAP_CAUTION } from './hotWood/form';

/** What can hurt about a bend: the way it is done, and its strap. */
export function cautionOf(form: RecipeForm): string {
  const { caution } = methodOf(form);
  return placesOf(form).strapThickness === undefined ? caution : `${caution} ${STRAP_CAUTION}`;
}
