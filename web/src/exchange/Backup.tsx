import { Alert, Box, Button, Typography } from '@mui/material';
import { useRef } from 'react';
import { useBackupRestoration } from '../api/exchange';
import { useTrialCounts } from '../api/queries';
import { inThisShop } from '../api/shop';
import { useNotice } from '../app/notice';
import { many } from '../units/number';

/** All a shop keeps in one file, out and back in. */
export function Backup() {
  const { data } = useTrialCounts();
  const restoration = useBackupRestoration();
  const notify = useNotice();
  const input = useRef<HTMLInputElement>(null);
  const bends = data && data.clean + data.flawed + data.broken;
  const bringBack = (file: File | undefined) => {
    if (!file) return;
    restoration.mutate(file, {
      onSuccess: ({ rows, madeAt }) => {
        notify({ message: `The backup of ${madeAt.slice(0, 10)} is back: ${many(rows, 'row', 'rows')}.` });
      },
    });
  };
  return (
    <Box component="section" aria-label="Backup" sx={{ display: 'grid', gap: 1.5, borderTop: 1, borderColor: 'divider', pt: 3 }}>
      <Typography variant="h2">Everything in one file</Typography>
      <Typography color="textSecondary" sx={{ maxWidth: '75ch' }}>
        A backup holds all this shop keeps: bends, photographs, jobs, boards, woods, names, bench, rack, rig and rows that wait. It is a zip
        file, or one JSON document that any other program can read; both come back. A zip for each day is made by itself and kept for
        two weeks, in the folder “backups” beside the shop’s data.
      </Typography>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'center' }}>
        <Button variant="outlined" component="a" download href={inThisShop('/api/backup')}>Take a backup</Button>
        <Button component="a" download href={inThisShop('/api/backup/document')}>As one JSON document</Button>
        <Button component="a" download href={inThisShop('/api/backup/schema')}>Its schema</Button>
        <Button variant="outlined" disabled={bends !== 0} loading={restoration.isPending} onClick={() => { input.current?.click(); }}>
          Bring a backup back
        </Button>
        <input ref={input} type="file" accept=".zip,.json,application/zip,application/json" hidden aria-label="Backup to bring back"
          onChange={(event) => {
            bringBack(event.target.files?.[0]);
            event.target.value = '';
          }} />
        {bends !== undefined && bends > 0 && (
          <Typography variant="body2" color="textSecondary">
            A backup comes back into a shop that is still empty, so that nothing is mixed up; this one holds {many(bends, 'bend', 'bends')}.
          </Typography>
        )}
      </Box>
      {restoration.error && <Alert severity="error">{restoration.error.message}</Alert>}
    </Box>
  );
}
