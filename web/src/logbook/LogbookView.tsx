import { Box, Typography } from '@mui/material';
import { useSearchParams } from 'react-router';
import { MOST_PRINTED, useAllFound } from '../api/find';
import { useSpecies, useTrial } from '../api/queries';
import type { TrialView } from '../api/schema';
import { useUnits } from '../app/units';
import { questionOf, withQuestion, type Question } from '../find/question';
import { printDay, printMonth } from '../units/days';
import { Entry } from './Entry';
import { Printed } from './Printed';

/** Records to be kept on the shelf: all that are looked for, month by month, or one as a card. */
export function LogbookView() {
  const [params] = useSearchParams();
  const one = Number(params.get('one') ?? undefined);
  return Number.isInteger(one) ? <Card id={one} /> : <Logbook question={questionOf(params)} />;
}

function Logbook({ question }: { question: Question }) {
  const asked = { ...question, ...(question.sortBy === undefined ? { sortBy: 'day', falling: false } : {}) };
  const { data: trials, error } = useAllFound(asked);
  if (error) return <Typography role="alert">{error.message}</Typography>;
  if (!trials) return <Typography role="status">Reading the records …</Typography>;
  const days = trials.map(({ bentOn }) => bentOn).sort();
  const byDay = asked.sortBy === 'day';
  return (
    <Printed back={`/records?${withQuestion(new URLSearchParams(), question).toString()}`} backTo="The records">
      <Typography variant="h1">Logbook of bends</Typography>
      <Typography sx={{ mb: 2 }}>
        {trials.length === 0 ? 'No record is like that.' : `${trials.length === 1 ? '1 bend' : `${trials.length} bends`}, ${printDay(days[0] ?? '')} to ${printDay(days.at(-1) ?? '')}.`}
        {trials.length >= MOST_PRINTED && ` A logbook holds up to ${MOST_PRINTED}; look for fewer to print the others.`}
      </Typography>
      {trials.map((trial, place) => (
        <Box key={trial.id}>
          {byDay && monthOf(trial) !== monthOf(trials[place - 1]) && <Typography variant="h2" sx={{ mt: 2, mb: 0.5, breakAfter: 'avoid' }}>{monthOf(trial)}</Typography>}
          <Line trial={trial} />
        </Box>
      ))}
    </Printed>
  );
}

function monthOf(trial: TrialView | undefined): string | undefined {
  return trial && printMonth(trial.bentOn.slice(0, 7));
}

function Card({ id }: { id: number }) {
  const { data: trial, error } = useTrial(id);
  if (error) return <Typography role="alert">{error.message}</Typography>;
  if (!trial) return null;
  return <Printed back={`/records/${id}`} backTo="The record"><Line trial={trial} card /></Printed>;
}

function Line({ trial, card = false }: { trial: TrialView; card?: boolean }) {
  const [system] = useUnits();
  const { data: species = [] } = useSpecies();
  return <Entry trial={trial} system={system} card={card} wood={species.find(({ id }) => id === trial.recipe.blank.speciesId)?.commonName ?? ''} />;
}
