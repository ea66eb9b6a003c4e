import { Measure, type RecipeInputsProps } from '../../recipe/fields';
import { HotWoodInputs } from '../hotWood/Inputs';

/** Settings of the steam box. */
export function SteamBoxInputs(props: RecipeInputsProps) {
  return (
    <HotWoodInputs {...props} thins heat={{ field: 'steamMinutes', label: 'Steam, minutes' }}>
      <Measure {...props} field="chamber" label="Chamber temperature" />
      <Measure {...props} field="carrySeconds" label="Carry, seconds" help="carry" />
    </HotWoodInputs>
  );
}
