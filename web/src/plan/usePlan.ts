import { useOutletContext } from 'react-router';
import type { RecipeFields } from '../api/schema';
import type { RecipeForm } from '../recipe/form';
import type { RecipeState } from '../recipe/useRecipe';

/** The one bend every part of the plan is about. */
export interface Plan extends RecipeState {
  form: RecipeForm;
  change: (change: Partial<RecipeForm>) => void;
  /** Makes another recipe the planned one; the one before can be brought back. */
  take: (recipe: RecipeFields) => void;
}

/** The plan a part belongs to. */
export function usePlan(): Plan {
  return useOutletContext<Plan>();
}
