import { Box, Typography } from '@mui/material';
import { useState } from 'react';
import { Link as RouterLink } from 'react-router';
import type { BenchView, RecipeFields, UsedFields } from '../api/schema';
import { useThingsFor } from '../api/things';
import { FormDialog } from '../app/FormDialog';
import { useUnits } from '../app/units';
import { misfitInWords } from '../rig/things/words';
import { Things } from './Things';

/** What of the rig a piece is made with, and what of it does not suit the piece. */
export function MadeWith({ piece: { madeWith } }: { piece: BenchView }) {
  const [system] = useUnits();
  const against = madeWith.flatMap(({ name, misfits }) => misfits.map((misfit) => `${name}: ${misfitInWords(misfit, system)}.`));
  return (
    <>
      {madeWith.length > 0 && (
        <Typography variant="body2" color="textSecondary">With {withInWords(madeWith)}</Typography>
      )}
      {against.map((words) => <Typography key={words} variant="body2" sx={{ color: 'data.flaw', fontWeight: 600 }}>{words}</Typography>)}
    </>
  );
}

/** Things by their names, with how many where it is more than one. */
export function withInWords(things: { name: string; takes: number }[]): string {
  return things.map(({ name, takes }) => (takes > 1 ? `${takes} of ${name}` : name)).join('; ');
}

interface MadeWithDialogProps {
  /** What is made. */
  name: string;
  recipe: RecipeFields;
  jobId: number | undefined;
  madeWith: UsedFields[];
  onKeep: (madeWith: UsedFields[]) => Promise<unknown>;
  onLeave: () => void;
}

/** What a piece or the pieces of a job are made with is said otherwise. */
export function MadeWithDialog({ name, recipe, jobId, madeWith, onKeep, onLeave }: MadeWithDialogProps) {
  const { data: choices, error } = useThingsFor(recipe, jobId);
  const [chosen, setChosen] = useState<UsedFields[]>(madeWith.map(({ itemId, takes }) => ({ itemId, takes })));
  return (
    <FormDialog title={`${name}, made with`} keep="Save" maxWidth="xs" onLeave={onLeave} onKeep={async () => { await onKeep(chosen); onLeave(); }}>
      {error && <Typography color="error">{error.message}</Typography>}
      {choices?.length === 0 && <NothingThere />}
      {choices && <Things choices={choices} chosen={chosen} onChange={setChosen} />}
    </FormDialog>
  );
}

/** A rig nobody described. */
export function NothingThere() {
  return (
    <Typography variant="body2" color="textSecondary">
      Nothing for this bend is described in the <Box component={RouterLink} to="/rig/things" sx={{ color: 'inherit' }}>rig</Box>: its form, strap and clamps.
    </Typography>
  );
}
