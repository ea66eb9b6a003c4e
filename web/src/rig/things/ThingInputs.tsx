import { Box } from '@mui/material';
import { Field } from '../../app/Field';
import { useUnits } from '../../app/units';
import { Choice } from '../../recipe/Choice';
import { Row } from '../../recipe/fields';
import { GLUE, SUPPORT } from '../../recipe/options';
import { MeasureField } from '../../units/MeasureField';
import { useReadings } from '../../units/reading';
import { MEASURED, thingTyped, type Measured, type ThingForm, type YesOrNo } from './draft';
import { KIND, labelOf } from './words';

const MATERIAL = { STEEL: SUPPORT.STEEL, ALUMINIUM: SUPPORT.ALUMINIUM, WEBBING: SUPPORT.WEBBING, PLASTIC: SUPPORT.PLASTIC };

const YES_OR_NO: Record<YesOrNo, string> = { YES: 'yes', NO: 'no' };

/** A thing in the rig: what it is, how many pieces it holds, and what is measured of such a thing. */
export function ThingInputs({ form, onChange }: { form: ThingForm; onChange: (form: ThingForm) => void }) {
  const [system] = useUnits();
  const typed = thingTyped(form);
  const readings = useReadings(typed, system);
  const change = (part: Partial<ThingForm>) => { onChange({ ...form, ...part }); };
  const plain = (field: 'pressure' | 'spread' | 'batch' | 'madeOf', label: string) => (
    <Field label={label} value={form[field]} helperText=" " onChange={(event) => { change({ [field]: event.target.value }); }} slotProps={{ htmlInput: { maxLength: 120, autoComplete: 'off' } }} />
  );
  return (
    <Box sx={{ display: 'grid', gap: 1, pt: 1 }}>
      <Choice label="It is" options={KIND} value={form.kind} onChange={(kind) => { change({ kind }); }} />
      <Field label="Name" value={form.name} onChange={(event) => { change({ name: event.target.value }); }} slotProps={{ htmlInput: { maxLength: 80, autoComplete: 'off' } }} />
      {form.kind === 'STRAP' && <Choice label="Made of" options={MATERIAL} value={form.material} onChange={(material) => { change({ material }); }} />}
      {form.kind === 'GLUE' && <Choice label="Kind of glue" options={GLUE} value={form.glue} onChange={(glue) => { change({ glue }); }} />}
      <Row>
        {(Object.keys(typed) as Measured[]).map((field) => (
          <MeasureField key={field} label={labelOf(field, form.kind, system)} measurement={MEASURED[field]} text={form[field]} reading={readings[field] ?? {}}
            problem={readings[field]?.error} hint={field === 'room' ? ' ' : 'Empty if not measured'} onChange={(text) => { change({ [field]: text }); }} />
        ))}
        {form.kind === 'GLUE' && (
          <>
            {plain('pressure', 'Pressure, MPa')}
            {plain('spread', 'Spread, g/m²')}
            {plain('batch', 'Batch')}
            <Field label="Opened on" type="date" value={form.openedOn} onChange={(event) => { change({ openedOn: event.target.value }); }} helperText=" " />
          </>
        )}
        {form.kind === 'FORM' && plain('madeOf', 'Made of')}
      </Row>
      {form.kind === 'FORM' && <Choice label="Pieces may dry on it" options={YES_OR_NO} value={form.alsoRack} onChange={(alsoRack) => { change({ alsoRack }); }} />}
      {form.kind === 'GLUE' && <Choice label="It wants the wood damp" options={YES_OR_NO} value={form.wantsDamp} onChange={(wantsDamp) => { change({ wantsDamp }); }} />}
      <Field label="Where it hangs or stands" value={form.place} onChange={(event) => { change({ place: event.target.value }); }} slotProps={{ htmlInput: { maxLength: 80, autoComplete: 'off' } }} />
      <Field label="Note" value={form.note} multiline rows={3} onChange={(event) => { change({ note: event.target.value }); }} slotProps={{ htmlInput: { maxLength: 2000 } }} />
    </Box>
  );
}
