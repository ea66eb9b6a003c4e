import { Measure, type RecipeInputsProps } from '../../recipe/fields';
import { HotWoodInputs } from '../hotWood/Inputs';

/** Settings of steaming a piece where it is fitted. */
export function SteamInPlaceInputs(props: RecipeInputsProps) {
  return (
    <HotWoodInputs {...props} thins heat="steamMinutes">
      <Measure {...props} field="bag" />
      <Measure {...props} field="steamOn" />
    </HotWoodInputs>
  );
}
