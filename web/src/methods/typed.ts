import { FIRST_PLIES, type PliesTyped } from './coldLamination/typed';
import { FIRST_BATH, type BathTyped } from './hotBath/typed';
import { FIRST_HANDLING, type HandlingTyped } from './hotWood/typed';
import { FIRST_BAG, type BagTyped } from './steamBag/typed';
import { FIRST_STEAM, type SteamTyped } from './steamBox/typed';
import { FIRST_IN_PLACE, type InPlaceTyped } from './steamInPlace/typed';

/** What is typed about every way of bending. What ways share stays when one changes between them. */
export type MethodTyped = HandlingTyped & SteamTyped & BagTyped & InPlaceTyped & BathTyped & PliesTyped;

/** Before anybody has typed. */
export const FIRST_TYPED: MethodTyped = { ...FIRST_HANDLING, ...FIRST_STEAM, ...FIRST_BAG, ...FIRST_IN_PLACE, ...FIRST_BATH, ...FIRST_PLIES };

/** What is chosen from a few words and no measurement. */
export type MethodChosen = 'soakAdditive' | 'support' | 'bent' | 'glue';

/** The field in which a choice on the wire is made. */
export const CHOSEN_IN: Record<string, MethodChosen> = {
  'method.soakAdditive': 'soakAdditive', 'method.strap.material': 'support', 'method.bent': 'bent', 'method.glue': 'glue',
};
