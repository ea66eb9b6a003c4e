import { Measure, type RecipeInputsProps } from '../../recipe/fields';
import { HotWoodInputs } from '../hotWood/Inputs';

/** Settings of a hot bath. */
export function HotBathInputs(props: RecipeInputsProps) {
  return (
    <HotWoodInputs {...props} thins heat="bathMinutes">
      <Measure {...props} field="bath" />
      <Measure {...props} field="carrySeconds" />
    </HotWoodInputs>
  );
}
