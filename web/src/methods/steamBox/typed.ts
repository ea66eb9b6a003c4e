/** What is typed about a steam box. */
export interface SteamTyped {
  steamMinutes: string;
  chamber: string;
}

export const FIRST_STEAM: SteamTyped = { steamMinutes: '30', chamber: '208 °F' };
