import { Field } from '../app/Field';
import { Choice } from '../recipe/Choice';
import { Row, Step } from '../recipe/fields';
import { FLAW, SEVERITY, type Flaw } from '../trials/words';
import { today } from '../units/days';
import { MeasureField } from '../units/MeasureField';
import type { Reading } from '../units/reading';
import type { OutcomeForm } from './draft';

interface OutcomeInputsProps {
  outcome: OutcomeForm;
  /** What cannot be seen on a piece bent so. */
  neverSeen: Flaw[];
  reading: Reading;
  /** Whether the day of the bend is asked. */
  dated?: boolean;
  onChange: (change: Partial<OutcomeForm>) => void;
}

/** How it came out. */
export function OutcomeInputs({ outcome, neverSeen, reading, dated = true, onChange }: OutcomeInputsProps) {
  const damaged = outcome.severity !== undefined && outcome.severity !== 'CLEAN';
  return (
    <Step title="How it came out">
      <Choice label="The piece is" options={SEVERITY} value={outcome.severity}
        onChange={(severity) => { onChange({ severity }); }} />
      {damaged && (
        <Choice label="What was seen" options={flawsBut(neverSeen)} value={outcome.flaw}
          onChange={(flaw) => { onChange({ flaw }); }} />
      )}
      <Row>
        {outcome.severity !== 'BROKEN' && (
          <MeasureField label="Radius after release" measurement="LENGTH" text={outcome.releasedRadius}
            reading={reading} problem={reading.error}
            onChange={(releasedRadius) => { onChange({ releasedRadius }); }} />
        )}
        {dated && <Field label="Bent on" type="date" value={outcome.bentOn || today()}
          onChange={(event) => { onChange({ bentOn: event.target.value }); }}
          slotProps={{ inputLabel: { shrink: true } }} helperText=" " />}
      </Row>
      <Field label="Note" value={outcome.note} multiline minRows={2}
        onChange={(event) => { onChange({ note: event.target.value }); }}
        slotProps={{ htmlInput: { maxLength: 2000 } }} />
    </Step>
  );
}

function flawsBut(neverSeen: Flaw[]): Record<Flaw, string> {
  const seen = Object.entries(FLAW).filter(([flaw]) => !neverSeen.includes(flaw as Flaw));
  return Object.fromEntries(seen) as Record<Flaw, string>;
}
