import { coldLamination } from './coldLamination/form';
import type { Kind, MethodForm } from './method';
import { steamBox } from './steamBox/form';

/** Every way of bending the page knows. */
export const METHODS = { STEAM_BOX: steamBox, COLD_LAMINATION: coldLamination } satisfies Record<Kind, MethodForm>;

export const KINDS = Object.keys(METHODS) as Kind[];

/** What each way is called. */
export const METHOD = Object.fromEntries(KINDS.map((kind) => [kind, METHODS[kind].label])) as Record<Kind, string>;

/** The way a recipe is bent, typed or stored. */
export function methodOf({ method }: { method: Kind }): MethodForm {
  return METHODS[method];
}
