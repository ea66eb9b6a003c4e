import { Box } from '@mui/material';
import { Field } from '../app/Field';
import { Choice } from '../recipe/Choice';
import { Row } from '../recipe/fields';
import type { JobForm } from './draft';
import { CERTAINTY, GOOD } from './words';

/** What is wanted, by when, and what counts as good. */
export function JobInputs({ form, onChange }: { form: JobForm; onChange: (form: JobForm) => void }) {
  const change = (part: Partial<JobForm>) => { onChange({ ...form, ...part }); };
  return (
    <Box sx={{ display: 'grid', gap: 1.5, pt: 1 }}>
      <Field label="Name of the job" value={form.name} onChange={(event) => { change({ name: event.target.value }); }} slotProps={{ htmlInput: { maxLength: 120, autoComplete: 'off' } }} />
      <Row>
        <Field label="Good pieces wanted" value={form.wanted} onChange={(event) => { change({ wanted: event.target.value }); }}
          slotProps={{ htmlInput: { inputMode: 'numeric', autoComplete: 'off' } }} />
        <Field label="By" type="date" value={form.dueOn} onChange={(event) => { change({ dueOn: event.target.value }); }} />
      </Row>
      <Choice label="Good means" options={GOOD} value={form.good} onChange={(good) => { change({ good }); }} />
      <Choice label="How sure" options={CERTAINTY} value={form.certainty} onChange={(certainty) => { change({ certainty }); }} />
      <Field label="What it is for" value={form.note} multiline rows={3} onChange={(event) => { change({ note: event.target.value }); }} slotProps={{ htmlInput: { maxLength: 2000 } }} />
    </Box>
  );
}
