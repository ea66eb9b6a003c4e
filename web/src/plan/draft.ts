import { useNavigate } from 'react-router';
import type { Afterwards } from '../api/queries';
import type { RecipeFields } from '../api/schema';
import { writeStored } from '../app/storage';
import { useUnits } from '../app/units';
import { formOf } from '../recipe/form';

/** Where the recipe that is planned is kept between visits. */
export const PLAN_DRAFT = 'brachion.forecast';

/** Where what follows the bend is kept. */
export const AFTERWARDS_DRAFT = 'brachion.afterwards';

/** A day on the form and two weeks on the rack; common practice. */
export const USUALLY_AFTERWARDS: Afterwards = { formHours: 24, rackDays: 14 };

/** Takes a recipe from elsewhere into the plan and goes there, or to a part of it. */
export function usePlanIt(): (recipe: RecipeFields, part?: string) => void {
  const [system] = useUnits();
  const navigate = useNavigate();
  return (recipe, part = '/plan') => {
    writeStored(PLAN_DRAFT, formOf(recipe, system));
    void navigate(part);
  };
}
