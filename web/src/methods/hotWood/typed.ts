import type { SettingsOf } from '../method';

type Steam = SettingsOf<'STEAM_BOX'>;

export type Support = 'NONE' | NonNullable<Steam['strap']>['material'];

/** What is typed about hot wood before and after its heat. */
export interface HandlingTyped {
  soakHours: string;
  soakAdditive: NonNullable<Steam['soakAdditive']>;
  carrySeconds: string;
  holdHours: string;
  support: Support;
  strapThickness: string;
  endGap: string;
  covered: string;
  ends: NonNullable<NonNullable<Steam['strap']>['ends']>;
}

export const FIRST_HANDLING: HandlingTyped = {
  soakHours: '0', soakAdditive: 'NONE', carrySeconds: '15', holdHours: '24', support: 'NONE', strapThickness: '1/32"', endGap: '0"', covered: '', ends: 'STOPS',
};
