import type { ComponentType } from 'react';
import type { RecipeInputsProps } from '../recipe/fields';
import { ColdLaminationInputs } from './coldLamination/Inputs';
import { FreeBendingInputs } from './freeBending/Inputs';
import { GreenRodInputs } from './greenRod/Inputs';
import { HotBathInputs } from './hotBath/Inputs';
import { HotPipeInputs } from './hotPipe/Inputs';
import { KerfBendingInputs } from './kerfBending/Inputs';
import { KerfedPliesInputs } from './kerfedPlies/Inputs';
import type { Kind } from './method';
import { PressedPlateInputs } from './pressedPlate/Inputs';
import { SteamBagInputs } from './steamBag/Inputs';
import { SteamBoxInputs } from './steamBox/Inputs';
import { SteamedPliesInputs } from './steamedPlies/Inputs';
import { SteamInPlaceInputs } from './steamInPlace/Inputs';

/** The fields of each way's own settings. */
export const INPUTS: Record<Kind, ComponentType<RecipeInputsProps>> = {
  STEAM_BOX: SteamBoxInputs, STEAM_BAG: SteamBagInputs, STEAM_IN_PLACE: SteamInPlaceInputs, HOT_BATH: HotBathInputs,
  HOT_PIPE: HotPipeInputs, FREE_BENDING: FreeBendingInputs, GREEN_ROD: GreenRodInputs, STEAMED_PLIES: SteamedPliesInputs,
  COLD_LAMINATION: ColdLaminationInputs, KERFED_PLIES: KerfedPliesInputs, KERF_BENDING: KerfBendingInputs, PRESSED_PLATE: PressedPlateInputs,
};
