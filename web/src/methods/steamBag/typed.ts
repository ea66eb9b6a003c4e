import type { SettingsOf } from '../method';

/** What is typed about a steam bag. */
export interface BagTyped {
  bag: string;
  bent: NonNullable<SettingsOf<'STEAM_BAG'>['bent']>;
}

export const FIRST_BAG: BagTyped = { bag: '208 °F', bent: 'PULLED' };
