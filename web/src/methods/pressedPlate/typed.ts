import type { SettingsOf } from '../method';

type Plate = SettingsOf<'PRESSED_PLATE'>;

/** What is typed about a pressed plate. */
export interface PlateTyped {
  acrossRise: string;
  rounds: string;
  frameHours: string;
  between: NonNullable<Plate['between']>;
  plateBag: NonNullable<Plate['bag']>;
}

export const FIRST_PLATE: PlateTyped = { acrossRise: '1/2"', rounds: '3', frameHours: '240', between: 'METAL_SHEETS', plateBag: 'BAGGED' };
