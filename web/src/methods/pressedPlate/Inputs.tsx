import { Measure, Pick, Row, type RecipeInputsProps } from '../../recipe/fields';
import { HotWoodInputs } from '../hotWood/Inputs';

/** Settings of a pressed plate: its second curve, how it is held, and its rounds in the water. */
export function PressedPlateInputs(props: RecipeInputsProps) {
  return (
    <HotWoodInputs {...props} strapless heat="bathMinutes" held="frameHours"
      chosen={(
        <>
          <Row>
            <Measure {...props} field="acrossRise" />
            <Measure {...props} field="rounds" />
          </Row>
          <Pick {...props} field="between" />
          <Pick {...props} field="plateBag" />
        </>
      )}>
      <Measure {...props} field="bath" />
    </HotWoodInputs>
  );
}
