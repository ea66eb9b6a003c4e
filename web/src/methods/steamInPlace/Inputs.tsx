import { Measure, type RecipeInputsProps } from '../../recipe/fields';
import { HotWoodInputs } from '../hotWood/Inputs';

/** Settings of steaming a piece where it is fitted. */
export function SteamInPlaceInputs(props: RecipeInputsProps) {
  return (
    <HotWoodInputs {...props} thins heat={{ field: 'steamMinutes', label: 'Steam, minutes' }}>
      <Measure {...props} field="bag" label="Bag temperature" />
      <Measure {...props} field="steamOn" label="Steam left on, minutes" hint="After it is clamped" />
    </HotWoodInputs>
  );
}
