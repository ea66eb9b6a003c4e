import type { SettingsOf } from '../method';

/** What is typed about a green rod, beside how it is thinned. */
export interface RodTyped {
  shaped: NonNullable<SettingsOf<'GREEN_ROD'>['shaped']>;
}

export const FIRST_ROD: RodTyped = { shaped: 'ROUND' };
