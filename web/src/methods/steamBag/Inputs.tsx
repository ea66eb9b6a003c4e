import { Choice } from '../../recipe/Choice';
import { Measure, Row, type RecipeInputsProps } from '../../recipe/fields';
import { HeatCaution, HoldInput, SoakedIn, SupportInputs } from '../hotWood/Inputs';
import { BENT } from './form';

/** Settings of a steam bag off the job. */
export function SteamBagInputs(props: RecipeInputsProps) {
  const { form, onChange } = props;
  return (
    <>
      <SupportInputs {...props} />
      <Choice label="Bent" options={BENT} value={form.bent} onChange={(bent) => { onChange({ bent }); }} />
      <Row>
        <Measure {...props} field="soakHours" label="Soak, hours" />
        <Measure {...props} field="steamMinutes" label="Steam, minutes" />
      </Row>
      <SoakedIn {...props} />
      <Row>
        <Measure {...props} field="bag" label="Bag temperature" />
        <Measure {...props} field="carrySeconds" label="Carry, seconds" help="carry" />
      </Row>
      <HoldInput {...props} />
      <HeatCaution {...props}>
        Steam and hot water scald: leave the far end open, tip the bag and drain it before you bend, long gloves.
      </HeatCaution>
    </>
  );
}
