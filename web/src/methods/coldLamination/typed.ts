import type { SettingsOf } from '../method';

/** What is typed about a cold lamination: what is left empty of its plies follows from the other, or from the radius. */
export interface PliesTyped {
  glue: SettingsOf<'COLD_LAMINATION'>['glue'];
  plies: string;
  plyThickness: string;
  clampOrder: NonNullable<SettingsOf<'COLD_LAMINATION'>['clampOrder']> | typeof NOT_SAID;
  clampForce: NonNullable<SettingsOf<'COLD_LAMINATION'>['clampForce']> | typeof NOT_SAID;
  backing: NonNullable<SettingsOf<'COLD_LAMINATION'>['backing']> | typeof NOT_SAID;
}

/** Chosen where nobody wrote it down. */
export const NOT_SAID = 'NOT_SAID';

export const FIRST_PLIES: PliesTyped = { glue: 'PVA', plies: '', plyThickness: '', clampOrder: NOT_SAID, clampForce: NOT_SAID, backing: NOT_SAID };
