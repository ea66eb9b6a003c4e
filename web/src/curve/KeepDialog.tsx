import { Typography } from '@mui/material';
import { useState } from 'react';
import { useKeptCurveWrites } from '../api/curves';
import type { ChainFields } from '../api/schema';
import { Field } from '../app/Field';
import { FormDialog } from '../app/FormDialog';

interface KeepDialogProps {
  name: string;
  chain: ChainFields;
  strapTurned: boolean;
  onLeave: () => void;
  onKept: (name: string) => void;
}

/** Keeps the curve under a name. */
export function KeepDialog({ name: before, chain, strapTurned, onLeave, onKept }: KeepDialogProps) {
  const [name, setName] = useState(before);
  const { keep } = useKeptCurveWrites();
  return (
    <FormDialog title="Keep this curve" keep="Keep it" maxWidth="xs" onLeave={onLeave}
      onKeep={async () => {
        onKept((await keep.mutateAsync({ name, chain, strapTurned })).name);
        onLeave();
      }}>
      <Typography gutterBottom>The curve alone is kept; wood, section and way stay those of the plan. One of the same name gives way to it.</Typography>
      <Field label="Called" value={name} sx={{ mt: 1 }} onChange={(event) => { setName(event.target.value); }} slotProps={{ htmlInput: { maxLength: 80, autoComplete: 'off' } }} />
    </FormDialog>
  );
}
