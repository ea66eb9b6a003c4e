import { STEPS as coldLamination } from './coldLamination/steps';
import { STEPS as freeBending } from './freeBending/steps';
import { STEPS as greenRod } from './greenRod/steps';
import { STEPS as hotBath } from './hotBath/steps';
import { STEPS as hotPipe } from './hotPipe/steps';
import { STEPS as kerfBending } from './kerfBending/steps';
import { STEPS as kerfedPlies } from './kerfedPlies/steps';
import { STEPS as pressedPlate } from './pressedPlate/steps';
import { STEPS as steamBag } from './steamBag/steps';
import { STEPS as steamBox } from './steamBox/steps';
import { STEPS as steamInPlace } from './steamInPlace/steps';
import { STEPS as steamedPlies } from './steamedPlies/steps';
import type { Kind } from './method';

/** How each way is done, in the order of work. */
export const STEPS_OF: Record<Kind, string[]> = {
  STEAM_BOX: steamBox, STEAM_BAG: steamBag, STEAM_IN_PLACE: steamInPlace, HOT_BATH: hotBath, HOT_PIPE: hotPipe,
  FREE_BENDING: freeBending, GREEN_ROD: greenRod, STEAMED_PLIES: steamedPlies, COLD_LAMINATION: coldLamination,
  KERFED_PLIES: kerfedPlies, KERF_BENDING: kerfBending, PRESSED_PLATE: pressedPlate,
};
