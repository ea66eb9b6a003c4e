import { Measure, type RecipeInputsProps } from '../../recipe/fields';
import { HotWoodInputs } from '../hotWood/Inputs';

/** Settings of a hot bath. */
export function HotBathInputs(props: RecipeInputsProps) {
  return (
    <HotWoodInputs {...props} heat={{ field: 'bathMinutes', label: 'In the bath, minutes' }} soakLabel="Cold soak, hours"
      caution={'Near-boiling water scalds: tongs and long gloves, a trough that cannot tip, a lid that is not tight, and let the piece drip '
        + 'before you carry it.'}>
      <Measure {...props} field="bath" label="Bath temperature" />
      <Measure {...props} field="carrySeconds" label="Carry, seconds" help="carry" />
    </HotWoodInputs>
  );
}
