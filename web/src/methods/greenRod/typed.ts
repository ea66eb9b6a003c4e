import type { SettingsOf } from '../method';

/** What is typed about a green rod. */
export interface RodTyped {
  thinned: string;
  thinnedOver: string;
  shaped: NonNullable<SettingsOf<'GREEN_ROD'>['shaped']>;
}

export const FIRST_ROD: RodTyped = { thinned: '1/2"', thinnedOver: '24"', shaped: 'ROUND' };
