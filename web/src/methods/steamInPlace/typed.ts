/** What is typed about steaming in place. */
export interface InPlaceTyped {
  steamOn: string;
}

export const FIRST_IN_PLACE: InPlaceTyped = { steamOn: '15' };
