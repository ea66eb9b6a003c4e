import type { BlankFields, RecipeFields } from '../api/schema';
import type { UnitSystem } from '../app/units';
import { factsOf, lineOf } from '../methods/forms';
import type { PliesTyped } from '../methods/coldLamination/typed';
import type { HandlingTyped, Support } from '../methods/hotWood/typed';
import { printLength } from '../units/printing';

export const SEASONING: Record<BlankFields['seasoning'], string> = {
  GREEN: 'green',
  AIR_DRIED: 'air-dried',
  KILN_DRIED: 'kiln-dried',
};

export const GROWTH_RINGS: Record<BlankFields['growthRings'], string> = {
  ON_EDGE: 'on edge',
  FLAT: 'flat to the form',
  RIFT: 'rift',
  MIXED: 'mixed',
  UNKNOWN: 'not looked',
};

export const KNOTS: Record<BlankFields['knots'], string> = { CLEAR: 'clear', IN_BEND: 'in the bend' };

export const OUTER_FACE: Record<NonNullable<BlankFields['outerFace']>, string> = { SAWN: 'sawn', RIVEN: 'riven', BARK: 'under the bark' };

export const OUTLINE: Record<NonNullable<BlankFields['outline']>, string> = {
  RECTANGLE: 'rectangle', ROUND: 'round', HALF_ROUND_FLAT_INSIDE: 'half-round, flat inside', HALF_ROUND_FLAT_OUTSIDE: 'half-round, flat outside',
};

export const ADDITIVE: Record<HandlingTyped['soakAdditive'], string> = { NONE: 'plain water', SOFTENER: 'softener' };

export const SUPPORT: Record<Support, string> = {
  NONE: 'none', WEBBING: 'webbing', STEEL: 'steel strap', ALUMINIUM: 'aluminium', PLASTIC: 'plastic',
};

export const ENDS: Record<HandlingTyped['ends'], string> = { STOPS: 'against stops', GRIPPED: 'gripped', NOT_HELD: 'not held' };

export const GLUE: Record<PliesTyped['glue'], string> = {
  PVA: 'PVA',
  EPOXY: 'Epoxy',
  POLYURETHANE: 'Polyurethane',
  UREA_RESIN: 'Urea resin',
  HIDE: 'Hide glue',
};

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
