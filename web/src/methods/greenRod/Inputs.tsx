import { Measure, Pick, type RecipeInputsProps } from '../../recipe/fields';
import { HotWoodInputs, ThinnedTo } from '../hotWood/Inputs';

/** Settings of a green rod: how it is shaved for the bend, and its steam. */
export function GreenRodInputs(props: RecipeInputsProps) {
  return (
    <HotWoodInputs {...props} strapless heat="steamMinutes"
      chosen={(
        <>
          <ThinnedTo {...props} />
          <Pick {...props} field="shaped" />
        </>
      )}>
      <Measure {...props} field="chamber" />
      <Measure {...props} field="carrySeconds" />
    </HotWoodInputs>
  );
}
