import { Measure, Row, type RecipeInputsProps } from '../../recipe/fields';
import { HeatCaution, HoldInput, SoakedIn, SupportInputs } from '../hotWood/Inputs';

/** Settings of a hot bath, in the order of work. */
export function HotBathInputs(props: RecipeInputsProps) {
  return (
    <>
      <SupportInputs {...props} />
      <Row>
        <Measure {...props} field="soakHours" label="Cold soak, hours" />
        <Measure {...props} field="bathMinutes" label="In the bath, minutes" />
      </Row>
      <SoakedIn {...props} />
      <Row>
        <Measure {...props} field="bath" label="Bath temperature" />
        <Measure {...props} field="carrySeconds" label="Carry, seconds" help="carry" />
      </Row>
      <HoldInput {...props} />
      <HeatCaution {...props}>
        Near-boiling water scalds: tongs and long gloves, a trough that cannot tip, a lid that is not tight, and let the piece drip before you carry it.
      </HeatCaution>
    </>
  );
}
