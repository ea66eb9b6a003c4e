import { Measure, Pick, type RecipeInputsProps } from '../../recipe/fields';
import { HotWoodInputs } from '../hotWood/Inputs';

/** Settings of a steam bag off the job. */
export function SteamBagInputs(props: RecipeInputsProps) {
  return (
    <HotWoodInputs {...props} thins heat="steamMinutes"
      chosen={<Pick {...props} field="bent" />}>
      <Measure {...props} field="bag" />
      <Measure {...props} field="carrySeconds" />
    </HotWoodInputs>
  );
}
