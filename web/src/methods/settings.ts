import type { RecipeFields } from '../api/schema';

/** The strap on the outer face, of a way that can have one. */
export function strapOf({ method }: RecipeFields) {
  return 'strap' in method ? method.strap : undefined;
}

/** How many plies the piece is glued of; one where it is not. */
export function pliesOf({ method }: RecipeFields): number {
  return 'plies' in method ? method.plies : 1;
}

/** Whether it is carried from the heat to the form. */
export function carriedTo({ method }: RecipeFields): boolean {
  return 'carrySeconds' in method && method.carrySeconds !== undefined;
}

/** Hours on the form, where somebody wrote them down. */
export function holdHoursOf({ method }: RecipeFields): number | undefined {
  return 'holdHours' in method ? method.holdHours : undefined;
}

/** How hot what heats it is to be [°C]. */
export function heatOf({ method }: RecipeFields): number | undefined {
  if ('chamberC' in method) return method.chamberC;
  if ('bagC' in method) return method.bagC;
  return 'bathC' in method ? method.bathC : undefined;
}
