import { Measure, type RecipeInputsProps } from '../../recipe/fields';
import { HotWoodInputs } from '../hotWood/Inputs';

/** Settings of a bend made without a form. */
export function FreeBendingInputs(props: RecipeInputsProps) {
  return (
    <HotWoodInputs {...props} strapless thins heat="steamMinutes">
      <Measure {...props} field="bag" />
    </HotWoodInputs>
  );
}
