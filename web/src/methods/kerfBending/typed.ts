import type { SettingsOf } from '../method';

/** What is typed about saw cuts. */
export interface KerfTyped {
  kerf: string;
  web: string;
  pitch: string;
  sawnIn: NonNullable<SettingsOf<'KERF_BENDING'>['board']>;
  backer: string;
}

export const FIRST_KERF: KerfTyped = { kerf: '1/8"', web: '1/16"', pitch: '1/4"', sawnIn: 'SOLID', backer: '1/8"' };
