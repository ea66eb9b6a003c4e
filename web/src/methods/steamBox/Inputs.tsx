import { Measure, type RecipeInputsProps } from '../../recipe/fields';
import { HotWoodInputs } from '../hotWood/Inputs';

/** Settings of the steam box. */
export function SteamBoxInputs(props: RecipeInputsProps) {
  return (
    <HotWoodInputs {...props} thins heat="steamMinutes">
      <Measure {...props} field="chamber" />
      <Measure {...props} field="carrySeconds" />
    </HotWoodInputs>
  );
}
