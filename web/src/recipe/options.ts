import type { BlankFields } from '../api/schema';
import type { PliesTyped } from '../methods/coldLamination/typed';
import type { HandlingTyped, Support } from '../methods/hotWood/typed';

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
