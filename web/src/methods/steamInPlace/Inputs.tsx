import { Measure, Row, type RecipeInputsProps } from '../../recipe/fields';
import { HeatCaution, HoldInput, SoakedIn, SupportInputs } from '../hotWood/Inputs';

/** Settings of steaming a piece where it is fitted. */
export function SteamInPlaceInputs(props: RecipeInputsProps) {
  return (
    <>
      <SupportInputs {...props} />
      <Row>
        <Measure {...props} field="soakHours" label="Soak, hours" />
        <Measure {...props} field="steamMinutes" label="Steam, minutes" />
      </Row>
      <SoakedIn {...props} />
      <Row>
        <Measure {...props} field="bag" label="Bag temperature" />
        <Measure {...props} field="steamOn" label="Steam left on, minutes" hint="After it is clamped" />
      </Row>
      <HoldInput {...props} />
      <HeatCaution {...props}>
        Steam and hot water scald: leave an end of the bag open, tip and drain it before you press, long gloves. Work with a
        helper, and keep out of the way of a plank that can spring back.
      </HeatCaution>
    </>
  );
}
