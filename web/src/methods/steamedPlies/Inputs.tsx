import { Measure, type RecipeInputsProps } from '../../recipe/fields';
import { ClampsInputs, PliesInputs } from '../coldLamination/Inputs';
import { HotWoodInputs } from '../hotWood/Inputs';

/** Settings of plies that are steamed and set before they are glued. */
export function SteamedPliesInputs(props: RecipeInputsProps) {
  return (
    <HotWoodInputs {...props} chosen={<><PliesInputs {...props} /><ClampsInputs {...props} /></>} heat="steamMinutes">
      <Measure {...props} field="chamber" />
      <Measure {...props} field="carrySeconds" />
    </HotWoodInputs>
  );
}
