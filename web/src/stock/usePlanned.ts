import { readStored } from '../app/storage';
import { PLAN_DRAFT } from '../plan/draft';
import { completed, FIRST_RECIPE, type RecipeForm } from '../recipe/form';
import { useRecipe, type RecipeState } from '../recipe/useRecipe';

/** The bend that is planned just now, as it was left in the plan. */
export function usePlanned(): RecipeState {
  return useRecipe(completed(readStored<RecipeForm>(PLAN_DRAFT) ?? FIRST_RECIPE));
}
