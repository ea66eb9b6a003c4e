import { FIRST_PLIES, type PliesTyped } from './coldLamination/typed';
import { FIRST_BATH, type BathTyped } from './hotBath/typed';
import { FIRST_ROD, type RodTyped } from './greenRod/typed';
import { FIRST_PIPE, type PipeTyped } from './hotPipe/typed';
import { FIRST_HANDLING, type HandlingTyped } from './hotWood/typed';
import { FIRST_KERF, type KerfTyped } from './kerfBending/typed';
import { FIRST_KERFED_PLIES, type KerfedPliesTyped } from './kerfedPlies/typed';
import { FIRST_PLATE, type PlateTyped } from './pressedPlate/typed';
import { FIRST_BAG, type BagTyped } from './steamBag/typed';
import { FIRST_STEAM, type SteamTyped } from './steamBox/typed';
import { FIRST_IN_PLACE, type InPlaceTyped } from './steamInPlace/typed';

/** What is typed about every way of bending. What ways share stays when one changes between them. */
export type MethodTyped = HandlingTyped & SteamTyped & BagTyped & InPlaceTyped & BathTyped & PipeTyped & RodTyped & PliesTyped & KerfTyped & KerfedPliesTyped & PlateTyped;

/** Before anybody has typed. */
export const FIRST_TYPED: MethodTyped = {
  ...FIRST_HANDLING, ...FIRST_STEAM, ...FIRST_BAG, ...FIRST_IN_PLACE, ...FIRST_BATH, ...FIRST_PIPE, ...FIRST_ROD, ...FIRST_PLIES, ...FIRST_KERF, ...FIRST_KERFED_PLIES, ...FIRST_PLATE,
};

/** What is chosen from a few words and no measurement. */
export type MethodChosen = 'soakAdditive' | 'support' | 'ends' | 'bent' | 'glue' | 'pipeFace' | 'bentBy' | 'sawnIn' | 'shaped' | 'between' | 'plateBag' | 'clampOrder' | 'clampForce' | 'backing' | 'atBend';

/** The field in which a choice on the wire is made. */
export const CHOSEN_IN: Record<string, MethodChosen> = {
  'method.soakAdditive': 'soakAdditive', 'method.strap.material': 'support', 'method.strap.ends': 'ends', 'method.bent': 'bent', 'method.glue': 'glue',
  'method.face': 'pipeFace', 'method.by': 'bentBy', 'method.board': 'sawnIn', 'method.shaped': 'shaped',
  'method.between': 'between', 'method.bag': 'plateBag', 'method.clampOrder': 'clampOrder', 'method.clampForce': 'clampForce', 'method.backing': 'backing',
};
