import type { ComponentType } from 'react';
import type { RecipeInputsProps } from '../recipe/fields';
import { ColdLaminationInputs } from './coldLamination/Inputs';
import type { Kind } from './method';
import { SteamBoxInputs } from './steamBox/Inputs';

/** The fields of each way's own settings. */
export const INPUTS: Record<Kind, ComponentType<RecipeInputsProps>> = { STEAM_BOX: SteamBoxInputs, COLD_LAMINATION: ColdLaminationInputs };
