import { Choice } from '../../recipe/Choice';
import { Caution, Measure, Row, type RecipeInputsProps } from '../../recipe/fields';
import { ADDITIVE, SUPPORT } from '../../recipe/words';

/** What lies on the outer face. */
export function SupportInputs(props: RecipeInputsProps) {
  const { form, onChange } = props;
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
    </>
  );
}

/** The soak's hours stand in a row with the time in the heat; what is in its water is asked where there is a soak. */
export function SoakedIn({ form, onChange }: RecipeInputsProps) {
  if (/^[0.,\s]*$/.test(form.soakHours)) return null;
  return (
    <Choice label="Soaked in" options={ADDITIVE} value={form.soakAdditive}
      onChange={(soakAdditive) => { onChange({ soakAdditive }); }} />
  );
}

export function HoldInput(props: RecipeInputsProps) {
  return <Measure {...props} field="holdHours" label="On the form, hours" help="hold" hint="Empty if nobody wrote it down" />;
}

/** What can hurt about the heat, and about a strap where there is one. */
export function HeatCaution({ form, children }: RecipeInputsProps & { children: string }) {
  return (
    <Caution>
      {children}
      {form.support !== 'NONE' && ' A strap under load stores energy: anchor the form, keep everyone out of line.'}
    </Caution>
  );
}
