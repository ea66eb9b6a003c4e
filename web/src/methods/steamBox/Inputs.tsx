import { Choice } from '../../recipe/Choice';
import { Caution, Measure, Row, type RecipeInputsProps } from '../../recipe/fields';
import { ADDITIVE, SUPPORT } from '../../recipe/words';

/** Settings of the steam box, in the order of work. */
export function SteamBoxInputs(props: RecipeInputsProps) {
  const { form, onChange } = props;
  const soaked = !/^[0.,\s]*$/.test(form.soakHours);
  return (
    <>
      <Choice label="Support on the outer face" help="support" options={SUPPORT} value={form.support}
        onChange={(support) => { onChange({ support }); }} />
      {form.support !== 'NONE' && (
        <Row>
          <Measure {...props} field="strapThickness" label="Strap thickness" />
          <Measure {...props} field="endGap" label="Slack at the stops" help="slack" />
        </Row>
      )}
      <Row>
        <Measure {...props} field="soakHours" label="Soak, hours" />
        <Measure {...props} field="steamMinutes" label="Steam, minutes" />
      </Row>
      {soaked && (
        <Choice label="Soaked in" options={ADDITIVE} value={form.soakAdditive}
          onChange={(soakAdditive) => { onChange({ soakAdditive }); }} />
      )}
      <Row>
        <Measure {...props} field="chamber" label="Chamber temperature" />
        <Measure {...props} field="carrySeconds" label="Carry, seconds" help="carry" />
      </Row>
      <Measure {...props} field="holdHours" label="On the form, hours" help="hold" hint="Empty if nobody wrote it down" />
      <Caution>
        Steam scalds: long gloves, eye protection, stand aside when opening. Never seal the chamber.
        {form.support !== 'NONE' && ' A strap under load stores energy: anchor the form, keep everyone out of line.'}
      </Caution>
    </>
  );
}
