import { Measure, Row, type RecipeInputsProps } from '../../recipe/fields';
import { HeatCaution, HoldInput, SoakedIn, SupportInputs } from '../hotWood/Inputs';

/** Settings of the steam box, in the order of work. */
export function SteamBoxInputs(props: RecipeInputsProps) {
  return (
    <>
      <SupportInputs {...props} />
      <Row>
        <Measure {...props} field="soakHours" label="Soak, hours" />
        <Measure {...props} field="steamMinutes" label="Steam, minutes" />
      </Row>
      <SoakedIn {...props} />
      <Row>
        <Measure {...props} field="chamber" label="Chamber temperature" />
        <Measure {...props} field="carrySeconds" label="Carry, seconds" help="carry" />
      </Row>
      <HoldInput {...props} />
      <HeatCaution {...props}>
        Steam scalds: long gloves, eye protection, stand aside when opening. Never seal the chamber.
      </HeatCaution>
    </>
  );
}
