import { Measure, type RecipeInputsProps } from '../../recipe/fields';
import { HotWoodInputs } from '../hotWood/Inputs';

/** Settings of steaming a piece where it is fitted. */
export function SteamInPlaceInputs(props: RecipeInputsProps) {
  return (
    <HotWoodInputs {...props} heat={{ field: 'steamMinutes', label: 'Steam, minutes' }}
      caution={'Steam and hot water scald: leave an end of the bag open, tip and drain it before you press, long gloves. Work with a helper, '
        + 'and keep out of the way of a plank that can spring back.'}>
      <Measure {...props} field="bag" label="Bag temperature" />
      <Measure {...props} field="steamOn" label="Steam left on, minutes" hint="After it is clamped" />
    </HotWoodInputs>
  );
}
