import { Box, Typography } from '@mui/material';
import { changeInWords } from '../advice/words';
import { useDiagnosis } from '../api/advice';
import type { LikelyReading, Odds } from '../api/schema';
import { useUnits } from '../app/units';
import { HowComputed } from '../help/HowComputed';
import { oddsInWords } from '../odds/words';
import { CAUSE, MENDING, type Flaw } from './words';

/** What was most likely behind a flaw, what to change, and what that would do to the odds. */
export function Diagnosis({ id, version, seen }: { id: number; version: number; seen: Flaw }) {
  const { data } = useDiagnosis(id, version);
  const mending = MENDING[seen];
  return (
    <Box component="section" aria-label="What it most likely was" sx={{ borderTop: 1, borderColor: 'divider', pt: 1.5, mt: 1.5, minHeight: 190 }}>
      <Typography variant="h3" gutterBottom>What it most likely was</Typography>
      <Box component="ol" sx={{ m: 0, pl: 2.5 }}>
        {data?.likely.map((likely) => <Behind key={likely.cause} likely={likely} now={data.now} />)}
      </Box>
      {mending && <Typography variant="body2" sx={{ mt: 1 }}>To mend it: {mending.charAt(0).toLowerCase() + mending.slice(1)} Not for parts that carry people or a structure.</Typography>}
      <HowComputed part="the-advice" />
    </Box>
  );
}

function Behind({ likely, now }: { likely: LikelyReading; now: Odds }) {
  const [system] = useUnits();
  const { was, next: done } = CAUSE[likely.cause];
  const { next } = likely;
  return (
    <Box component="li" sx={{ mb: 1 }}>
      <Typography sx={{ fontWeight: 620 }}>{was}: {shareInWords(likely.share)}.</Typography>
      <Typography variant="body2">
        {next ? `${changeInWords(next, system)}: ${oddsInWords(now.probability)} become ${oddsInWords(next.unbroken.probability)}.` : done}
      </Typography>
    </Box>
  );
}

/** How likely one cause is beside the others. */
function shareInWords(share: number): string {
  if (share > 0.75) return 'very likely';
  if (share > 0.45) return 'most likely';
  return share > 0.25 ? 'quite possible' : 'possible';
}
