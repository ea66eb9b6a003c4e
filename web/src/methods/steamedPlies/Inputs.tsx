import { Measure, type RecipeInputsProps } from '../../recipe/fields';
import { ClampsInputs, PliesInputs } from '../coldLamination/Inputs';
import { HotWoodInputs } from '../hotWood/Inputs';

/** Settings of plies that are steamed and set before they are glued. */
export function SteamedPliesInputs(props: RecipeInputsProps) {
  return (
    <HotWoodInputs {...props} chosen={<><PliesInputs {...props} /><ClampsInputs {...props} /></>} heat={{ field: 'steamMinutes', label: 'Steam, minutes' }}>
      <Measure {...props} field="chamber" label="Chamber temperature" />
      <Measure {...props} field="carrySeconds" label="Carry, seconds" help="carry" />
    </HotWoodInputs>
  );
}
