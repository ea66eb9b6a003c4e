import { Button, Dialog, DialogActions, DialogContent, DialogTitle, Typography } from '@mui/material';
import { useState } from 'react';
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
  const [refusal, setRefusal] = useState<string>();
  const [keeping, setKeeping] = useState(false);
  const save = async () => {
    setKeeping(true);
    try {
      await onKeep(form);
    } catch (error) {
      setRefusal((error as Error).message);
    } finally {
      setKeeping(false);
    }
  };
  return (
    <Dialog open onClose={onLeave} fullWidth maxWidth="sm"
      slotProps={{ paper: { component: 'form', noValidate: true, onSubmit: (event: React.FormEvent) => { event.preventDefault(); void save(); } } as object }}>
      <DialogTitle>{title}</DialogTitle>
      <DialogContent>
        <JobInputs form={form} onChange={(changed) => { setRefusal(undefined); setForm(changed); }} />
        {refusal && <Typography role="alert" variant="body2" color="error" sx={{ mt: 1 }}>{refusal}</Typography>}
      </DialogContent>
      <DialogActions>
        <Button onClick={onLeave}>Not now</Button>
        <Button type="submit" variant="contained" loading={keeping}>{keep}</Button>
      </DialogActions>
    </Dialog>
  );
}
