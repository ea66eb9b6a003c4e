import type { RecipeFields } from '../api/schema';
import type { UnitSystem } from '../app/units';
import { factsOf, lineOf } from '../methods/forms';
import { printLength } from '../units/printing';
import { OUTLINE, SEASONING } from './options';

/** Thickness of the stock, with how many plies it is: 1/2", 6 plies of 1/8", 2 plies of 1/4" over a clean one of 1/16". */
export function pliesInWords(recipe: RecipeFields, system: UnitSystem): string {
  const { plies, cleanMm } = factsOf(recipe.method);
  const thickness = printLength(recipe.blank.thicknessMm, system);
  if (cleanMm !== undefined) return `${plies - 1} ${plies > 2 ? 'plies' : 'ply'} of ${thickness} over a clean one of ${printLength(cleanMm, system)}`;
  return plies > 1 ? `${plies} plies of ${thickness}` : thickness;
}

/** Section and curve in a line: 1/2" × 1", radius 6" through 180°. */
export function shapeLine(recipe: RecipeFields, system: UnitSystem): string {
  const { blank } = recipe;
  const shaped = blank.outline ? `${OUTLINE[blank.outline]} ` : '';
  return `${shaped}${pliesInWords(recipe, system)} × ${printLength(blank.widthMm, system)}, radius ${printLength(recipe.innerRadiusMm, system)} through ${recipe.angleDegrees}°`;
}

/** What was done to it, in a line. */
export function processLine(recipe: RecipeFields, system: UnitSystem): string {
  return lineOf(recipe.method, system);
}

export function stockLine({ blank }: RecipeFields): string {
  const moisture = blank.moisturePercent === undefined ? '' : ` ${blank.moisturePercent} %`;
  return `${SEASONING[blank.seasoning]}${moisture}`;
}
