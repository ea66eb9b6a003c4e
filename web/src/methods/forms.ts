import type { MethodFields } from '../api/schema';
import type { UnitSystem } from '../app/units';
import { coldLamination } from './coldLamination/form';
import { freeBending } from './freeBending/form';
import { greenRod } from './greenRod/form';
import { hotBath } from './hotBath/form';
import { hotPipe } from './hotPipe/form';
import { kerfBending } from './kerfBending/form';
import { kerfedPlies } from './kerfedPlies/form';
import { pressedPlate } from './pressedPlate/form';
import type { Exact, Facts, Kind, MethodForm, SettingsOf } from './method';
import { steamBag } from './steamBag/form';
import { steamBox } from './steamBox/form';
import { steamedPlies } from './steamedPlies/form';
import { steamInPlace } from './steamInPlace/form';

/** Every way of bending the page knows. */
export const METHODS: { [K in Kind]: MethodForm<K> } = {
  STEAM_BOX: steamBox, STEAM_BAG: steamBag, STEAM_IN_PLACE: steamInPlace, HOT_BATH: hotBath, HOT_PIPE: hotPipe,
  FREE_BENDING: freeBending, GREEN_ROD: greenRod, STEAMED_PLIES: steamedPlies, COLD_LAMINATION: coldLamination,
  KERFED_PLIES: kerfedPlies, KERF_BENDING: kerfBending, PRESSED_PLATE: pressedPlate,
};

export const KINDS = Object.keys(METHODS) as Kind[];

/** What each way is called. */
export const METHOD = Object.fromEntries(KINDS.map((kind) => [kind, METHODS[kind].label])) as Record<Kind, string>;

/** A way as far as it does not depend on its settings. */
export type AnyMethod = Omit<MethodForm, 'typed' | 'line' | 'facts'>;

/** The way a recipe is bent, typed or stored. */
export function methodOf({ method }: { method: Kind | MethodFields }): AnyMethod {
  return METHODS[typeof method === 'string' ? method : method.kind];
}

/** Stored settings as they would be typed. */
export function typedOf<K extends Kind>(settings: SettingsOf<K>, exact: Exact) {
  return METHODS[settings.kind as K].typed(settings, exact);
}

/** What is shown of a piece bent so. */
export function factsOf<K extends Kind>(settings: SettingsOf<K>): Facts {
  return METHODS[settings.kind as K].facts(settings);
}

/** Thicknesses that differ by less are the same [mm]. */
const SAME_MM = 1e-6;

/** Whether a section that was solved is that of a ply or a web of a thickness [mm]. */
export function isSectionOf(partMm: number, section: { thicknessMm: number }): boolean {
  return Math.abs(partMm - section.thicknessMm) < SAME_MM;
}

/** What was done, in a line. */
export function lineOf<K extends Kind>(settings: SettingsOf<K>, system: UnitSystem): string {
  return METHODS[settings.kind as K].line(settings, system);
}
