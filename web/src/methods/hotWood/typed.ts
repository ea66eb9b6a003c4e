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
  /** Whether it is shaved thinner where it bends, for a way that leaves the choice. */
  atBend: 'AS_THICK' | 'THINNED';
  thinned: string;
  thinnedOver: string;
}

export const FIRST_HANDLING: HandlingTyped = {
  soakHours: '0', soakAdditive: 'NONE', carrySeconds: '15', holdHours: '24', support: 'NONE', strapThickness: '1/32"', endGap: '0"', covered: '', ends: 'STOPS',
  atBend: 'AS_THICK', thinned: '1/2"', thinnedOver: '24"',
};
