import { Measure, type RecipeInputsProps } from '../../recipe/fields';
import { HotWoodInputs } from '../hotWood/Inputs';

/** Settings of a bend made without a form. */
export function FreeBendingInputs(props: RecipeInputsProps) {
  return (
    <HotWoodInputs {...props} strapless thins heat={{ field: 'steamMinutes', label: 'Steam, minutes' }}>
      <Measure {...props} field="bag" label="Bag temperature" />
    </HotWoodInputs>
  );
}
