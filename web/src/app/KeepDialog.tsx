import { Typography } from '@mui/material';
import { useState } from 'react';
import { Field } from './Field';
import { FormDialog } from './FormDialog';

interface KeepDialogProps {
  title: string;
  /** What of it is kept; one of the same name gives way to it. */
  explained: string;
  /** What it is called so far. */
  name?: string;
  onKeep: (name: string) => Promise<unknown>;
  onLeave: () => void;
}

/** Keeps something under a name. */
export function KeepDialog({ title, explained, name: before = '', onKeep, onLeave }: KeepDialogProps) {
  const [name, setName] = useState(before);
  return (
    <FormDialog title={title} keep="Save" maxWidth="xs" onLeave={onLeave}
      onKeep={async () => {
        await onKeep(name);
        onLeave();
      }}>
      <Typography gutterBottom>{explained} One of the same name gives way to it.</Typography>
      <Field label="Called" value={name} sx={{ mt: 1 }} onChange={(event) => { setName(event.target.value); }} slotProps={{ htmlInput: { maxLength: 80, autoComplete: 'off' } }} />
    </FormDialog>
  );
}
