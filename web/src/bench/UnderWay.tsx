import { Alert, Box, Button, Snackbar, Typography } from '@mui/material';
import { Link } from 'react-router';
import { useJobs } from '../api/jobs';
import { useNames, useSpecies } from '../api/queries';
import { Field } from '../app/Field';
import { useStored } from '../app/storage';
import { NextByThePlan } from '../day/NextByThePlan';
import { HowComputed } from '../help/HowComputed';
import { useAlarm, useAwake } from './alarm';
import { PieceCard } from './PieceCard';
import { AT_THIS_SCREEN } from './taps';
import { useBench, useWaitingTaps } from './useBench';
import { useHeldOrder } from './useHeldOrder';

const SOUND = 'brachion.sound';

/** Whoever works at this screen; every touch made here is theirs. */
function AtThisScreen() {
  const [name, setName] = useStored(AT_THIS_SCREEN, '');
  const { data: names } = useNames();
  return (
    <>
      <Field label="Your name" value={name} sx={{ width: 150 }} onChange={(event) => { setName(event.target.value); }}
        slotProps={{ htmlInput: { maxLength: 80, autoComplete: 'off', list: 'hands-at-the-bench' } }} />
      <datalist id="hands-at-the-bench">{names?.people.map((person) => <option key={person.name} value={person.name} />)}</datalist>
    </>
  );
}

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
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', columnGap: 2, rowGap: 1, mb: 1.5 }}>
        <Typography variant="h1" sx={{ flexGrow: 1 }}>On the bench</Typography>
        <Typography role="status" color="textSecondary">{!lost && waiting.length > 0 ? 'Sending…' : ''}</Typography>
        <HowComputed part="the-bench" />
        <AtThisScreen />
        <Button aria-pressed={sound} onClick={() => { setSound(!sound); }}>{sound ? 'Sound on' : 'Sound off'}</Button>
      </Box>
      <Snackbar open={lost} anchorOrigin={{ vertical: 'top', horizontal: 'center' }} sx={{ mt: 6 }}
        message={`The workshop server is not heard. The clocks go on; what you tap is kept with its time and sent in order${waiting.length > 0 ? `: ${waiting.length} waiting.` : '.'}`} />
      {error && !bench && <Alert severity="error">{error.message}</Alert>}
      {bench && <NextByThePlan onBench={pieces} jobs={jobs} />}
      {bench && pieces.length === 0 && (
        <Typography sx={{ py: 6, textAlign: 'center' }}>
          Nothing is under way. <Link to="/plan">Plan a bend</Link> and put it on the bench.
        </Typography>
      )}
      <Box component="ul" aria-label="Pieces under way" {...hand}
        sx={{ listStyle: 'none', p: 0, m: 0, display: 'grid', gap: 2, gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'repeat(2, minmax(0, 1fr))' } }}>
        {species && order.map((piece, place) => (
          <PieceCard key={piece.id} piece={piece} place={place} lost={lost} job={jobs.find(({ id }) => id === piece.jobId)}
            waiting={waiting.filter((tap) => tap.piece === piece.id)} />
        ))}
      </Box>
    </>
  );
}
