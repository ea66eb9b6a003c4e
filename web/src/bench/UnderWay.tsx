import { Alert, Box, Button, Snackbar, Typography } from '@mui/material';
import { Link } from 'react-router';
import { useJobs } from '../api/jobs';
import { useSpecies } from '../api/queries';
import { useStored } from '../app/storage';
import { HowComputed } from '../help/HowComputed';
import { useAlarm, useAwake } from './alarm';
import { PieceCard } from './PieceCard';
import { useHeldOrder } from './useHeldOrder';
import { useBench, useWaitingTaps } from './useBench';

const SOUND = 'brachion.sound';

/** Everything under way, the most pressing first and largest. */
export function UnderWay() {
  const { bench, error, lost } = useBench();
  const waiting = useWaitingTaps();
  const { data: species } = useSpecies();
  const { data: jobs = [] } = useJobs();
  const [sound, setSound] = useStored(SOUND, true);
  const pieces = bench?.pieces ?? [];
  const [order, hand] = useHeldOrder(pieces);
  useAlarm(pieces, waiting, sound);
  useAwake(pieces.some(({ step }) => step === 'HEATING' || step === 'BENDING'));
  return (
    <>
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 2, mb: 1.5 }}>
        <Typography variant="h1" sx={{ flexGrow: 1 }}>On the bench</Typography>
        <Typography role="status" color="text.secondary">{!lost && waiting.length > 0 ? 'Sending…' : ''}</Typography>
        <HowComputed part="the-bench" />
        <Button aria-pressed={sound} onClick={() => { setSound(!sound); }}>{sound ? 'Sound on' : 'Sound off'}</Button>
      </Box>
      <Snackbar open={lost} anchorOrigin={{ vertical: 'top', horizontal: 'center' }} sx={{ mt: 6 }}
        message={`The workshop server is not heard. The clocks go on; what you tap is kept with its time and sent in order${waiting.length > 0 ? `: ${waiting.length} waiting.` : '.'}`} />
      {error && !bench && <Alert severity="error">{error.message}</Alert>}
      {bench && pieces.length === 0 && (
        <Typography sx={{ py: 6, textAlign: 'center' }}>
          Nothing is under way. <Link to="/plan">Plan a bend</Link> and put it on the bench.
        </Typography>
      )}
      <Box component="ul" aria-label="Pieces under way" {...hand}
        sx={{ listStyle: 'none', p: 0, m: 0, display: 'grid', gap: 2, gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'repeat(2, minmax(0, 1fr))' } }}>
        {species && order.map((piece, place) => (
          <PieceCard key={piece.id} piece={piece} place={place} lost={lost} job={jobs.find(({ id }) => id === piece.jobId)}
            wood={species.find(({ id }) => id === piece.recipe.blank.speciesId)?.commonName ?? ''}
            waiting={waiting.filter((tap) => tap.piece === piece.id)} />
        ))}
      </Box>
    </>
  );
}
