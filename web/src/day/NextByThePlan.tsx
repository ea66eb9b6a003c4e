import { Box, Link, Typography } from '@mui/material';
import { Link as RouterLink } from 'react-router';
import { useDay } from '../api/day';
import type { BenchView, JobView } from '../api/schema';
import { useThings } from '../api/things';
import { PutOnBench } from '../bench/PutOnBench';
import { useServerTime } from '../bench/useServerTime';
import { printTimeOfDay, printWeekday, dayOf } from '../units/clock';
import { LATE_MS, nextOf } from './next';
import { workInWords } from './words';

/** What is to be done next by the plan of the day, and the piece for it where it is not on the bench yet. */
export function NextByThePlan({ onBench, jobs }: { onBench: BenchView[]; jobs: JobView[] }) {
  const { data: day } = useDay();
  const { data: things = [] } = useThings();
  const now = useServerTime(false);
  const next = day?.plan && nextOf(day.plan, onBench);
  const piece = next && day?.plan?.pieces[next.piece];
  if (!day?.plan || !next || !piece) return null;
  const at = Date.parse(next.beginsAt);
  const today = dayOf(next.beginsAt) === dayOf(new Date(now).toISOString());
  const job = jobs.find(({ id }) => id === piece.jobId);
  return (
    <Box component="section" aria-label="Next by the plan" sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', columnGap: 2, rowGap: 0.5, minHeight: 44, mb: 1.5 }}>
      <Typography>
        By <Link component={RouterLink} to="/bench/day">the plan</Link>{now - at > LATE_MS ? ' this was due' : ''} {today ? '' : `${printWeekday(next.beginsAt)}, `}
        <strong>{printTimeOfDay(next.beginsAt)}</strong> {workInWords(next, piece, things)}
      </Typography>
      {piece.pieceId === undefined && job && <PutOnBench recipe={job.job.recipe} stale={false} called={piece.name} jobId={job.id} />}
    </Box>
  );
}
