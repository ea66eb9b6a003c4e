import { Measure, type RecipeInputsProps } from '../../recipe/fields';
import { HotWoodInputs } from '../hotWood/Inputs';

/** Settings of a hot bath. */
export function HotBathInputs(props: RecipeInputsProps) {
  return (
    <HotWoodInputs {...props} thins heat={{ field: 'bathMinutes', label: 'In the bath, minutes' }} soakLabel="Cold soak, hours">
      <Measure {...props} field="bath" label="Bath temperature" />
      <Measure {...props} field="carrySeconds" label="Carry, seconds" help="carry" />
    </HotWoodInputs>
  );
}
