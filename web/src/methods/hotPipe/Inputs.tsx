import { Measure, Pick, type RecipeInputsProps } from '../../recipe/fields';
import { HotWoodInputs } from '../hotWood/Inputs';

/** Settings of a hot pipe. */
export function HotPipeInputs(props: RecipeInputsProps) {
  return (
    <HotWoodInputs {...props} heat="pipeMinutes"
      chosen={(
        <>
          <Pick {...props} field="pipeFace" />
          <Pick {...props} field="bentBy" />
        </>
      )}>
      <Measure {...props} field="pipe" />
      <Measure {...props} field="contact" />
    </HotWoodInputs>
  );
}
