import { useState } from 'react';
import { FormDialog } from '../app/FormDialog';
import type { JobForm } from './draft';
import { JobInputs } from './JobInputs';

interface JobDialogProps {
  title: string;
  first: JobForm;
  keep: string;
  onKeep: (form: JobForm) => Promise<unknown>;
  onLeave: () => void;
}

/** A job is typed, or changed. */
export function JobDialog({ title, first, keep, onKeep, onLeave }: JobDialogProps) {
  const [form, setForm] = useState(first);
  return (
    <FormDialog title={title} keep={keep} onKeep={() => onKeep(form)} onLeave={onLeave}>
      <JobInputs form={form} onChange={setForm} />
    </FormDialog>
  );
}
