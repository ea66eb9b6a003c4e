import type { SettingsOf } from '../method';

/** What is typed about a cold lamination: what is left empty of its plies follows from the other, or from the radius. */
export interface PliesTyped {
  glue: SettingsOf<'COLD_LAMINATION'>['glue'];
  plies: string;
  plyThickness: string;
}

export const FIRST_PLIES: PliesTyped = { glue: 'PVA', plies: '', plyThickness: '' };
