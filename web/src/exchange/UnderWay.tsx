import { Box, Button, LinearProgress, Typography } from '@mui/material';
import { useProgress, useStop, type Work } from '../api/work';

/** How far a table is that is being read or brought in, with a way to stop. */
export function UnderWay({ work, doing }: { work: Work; doing: string }) {
  const { data } = useProgress(work);
  const stop = useStop();
  const { done, of } = data?.underWay ? data : { done: 0, of: 0 };
  return (
    <Box role="group" aria-label={doing} sx={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr) auto', columnGap: 2, alignItems: 'center', minHeight: 56, px: 2, border: 1, borderColor: 'divider', bgcolor: 'background.paper' }}>
      <Box>
        <Typography sx={{ fontVariantNumeric: 'tabular-nums' }}>{farInWords(doing, done, of)}</Typography>
        <LinearProgress aria-label={doing} variant={of > 0 ? 'determinate' : 'indeterminate'} value={of > 0 ? (100 * done) / of : undefined} />
      </Box>
      <Button onClick={() => { stop.mutate(work); }} loading={stop.isPending}>Stop</Button>
    </Box>
  );
}

export function farInWords(doing: string, done: number, of: number): string {
  if (of > 0) return `${doing}: ${done.toLocaleString('en')} of ${of.toLocaleString('en')} rows`;
  return done > 0 ? `${doing}: ${done.toLocaleString('en')} bends so far` : doing;
}
