import { Box, Typography } from '@mui/material';
import { useState } from 'react';
import { Link as RouterLink } from 'react-router';
import type { BenchView, UsedFields } from '../api/schema';
import { useThingsFor, useThingWrites } from '../api/things';
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
        <Typography variant="body2" color="text.secondary">With {madeWith.map(({ name, takes }) => (takes > 1 ? `${takes} of ${name}` : name)).join('; ')}</Typography>
      )}
      {against.map((words) => <Typography key={words} variant="body2" sx={{ color: 'data.flaw', fontWeight: 600 }}>{words}</Typography>)}
    </>
  );
}

/** What a piece is made with is said otherwise. */
export function MadeWithDialog({ piece, onLeave }: { piece: BenchView; onLeave: () => void }) {
  const { data: choices, error } = useThingsFor(piece.recipe, piece.jobId);
  const [chosen, setChosen] = useState<UsedFields[]>(piece.madeWith.map(({ itemId, takes }) => ({ itemId, takes })));
  const { isMadeWith } = useThingWrites();
  return (
    <FormDialog title={`${piece.name}, made with`} keep="Keep it" maxWidth="xs" onLeave={onLeave} onKeep={async () => { await isMadeWith.mutateAsync({ piece, madeWith: chosen }); onLeave(); }}>
      {error && <Typography color="error">{error.message}</Typography>}
      {choices?.length === 0 && <NothingThere />}
      {choices && <Things choices={choices} chosen={chosen} onChange={setChosen} />}
    </FormDialog>
  );
}

/** A rig nobody described. */
export function NothingThere() {
  return (
    <Typography variant="body2" color="text.secondary">
      Nothing for this bend is described in the <Box component={RouterLink} to="/rig/things" sx={{ color: 'inherit' }}>rig</Box>: its form, strap and clamps.
    </Typography>
  );
}
