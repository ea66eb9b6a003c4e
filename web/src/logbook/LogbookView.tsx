import { Box, Button, Paper, Typography } from '@mui/material';
import { Link as RouterLink, useSearchParams } from 'react-router';
import { MOST_PRINTED, useAllFound } from '../api/find';
import { useSpecies, useTrial } from '../api/queries';
import type { TrialView } from '../api/schema';
import { useUnits } from '../app/units';
import { questionOf, withQuestion, type Question } from '../find/question';
import { TakeSheet, type SheetWords } from '../paper/TakeSheet';
import { woodName } from '../recipe/woodNames';
import { printDay, printMonth } from '../units/days';
import { many } from '../units/number';
import { Entry } from './Entry';
import { entryOf, type LogbookEntry } from './words';

/** Records to be kept on the shelf: all that are looked for, month by month, or one as a card. */
export function LogbookView() {
  const [params] = useSearchParams();
  const one = Number(params.get('one') ?? undefined);
  return Number.isInteger(one) ? <Card id={one} /> : <Logbook question={questionOf(params)} />;
}

function Logbook({ question }: { question: Question }) {
  const asked = { ...question, ...(question.sortBy === undefined ? { sortBy: 'day', falling: false } : {}) };
  const { data: trials, error } = useAllFound(asked);
  const [system] = useUnits();
  const woodOf = useWoodOf();
  if (error) return <Typography role="alert">{error.message}</Typography>;
  if (!trials || !woodOf) return <Typography role="status">Reading the records …</Typography>;
  const days = trials.map(({ bentOn }) => bentOn).sort();
  const byDay = asked.sortBy === 'day';
  const entries = trials.map((trial, place) => entryOf(trial, woodOf(trial), system, byDay && monthOf(trial) !== monthOf(trials[place - 1]) ? monthOf(trial) : undefined));
  const lines = [trials.length === 0 ? 'No bend matches.' : `${many(trials.length, 'bend', 'bends')}, ${printDay(days[0] ?? '')} to ${printDay(days.at(-1) ?? '')}.`,
    ...(trials.length >= MOST_PRINTED ? [`A logbook holds up to ${MOST_PRINTED}; look for fewer to print the others.`] : [])];
  return (
    <OnPaper words={{ title: 'Logbook of bends', lines }} entries={entries}
      back={`/records?${withQuestion(new URLSearchParams(), question).toString()}`} backTo="The records">
      <Typography variant="h1">Logbook of bends</Typography>
      <Typography sx={{ mb: 2 }}>{lines.join(' ')}</Typography>
      {trials.map((trial, place) => <Entry key={trial.id} trial={trial} wood={woodOf(trial)} says={entries[place] as LogbookEntry} />)}
    </OnPaper>
  );
}

function monthOf(trial: TrialView | undefined): string | undefined {
  return trial && printMonth(trial.bentOn.slice(0, 7));
}

function Card({ id }: { id: number }) {
  const { data: trial, error } = useTrial(id);
  const [system] = useUnits();
  const woodOf = useWoodOf();
  if (error) return <Typography role="alert">{error.message}</Typography>;
  if (!trial || !woodOf) return null;
  const entry = entryOf(trial, woodOf(trial), system);
  return (
    <OnPaper words={{ title: 'A bend' }} entries={[entry]} card back={`/records/${id}`} backTo="The record">
      <Entry trial={trial} wood={woodOf(trial)} says={entry} card />
    </OnPaper>
  );
}

/** What the wood of a record is called; nothing until that is known. */
function useWoodOf(): ((trial: TrialView) => string) | undefined {
  const { data: species } = useSpecies();
  return species && ((trial) => woodName(species, trial.recipe.blank.speciesId));
}

interface OnPaperProps {
  words: SheetWords;
  entries: LogbookEntry[];
  card?: boolean;
  back: string;
  backTo: string;
  children: React.ReactNode;
}

/** What goes on paper, the paper it goes on, and the way back. */
function OnPaper({ words, entries, card = false, back, backTo, children }: OnPaperProps) {
  return (
    <>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'flex-end', gap: 2, mb: 2 }}>
        <TakeSheet words={words} ask={(sheet) => ({ about: 'logbook', asked: { sheet, entries, card } })} />
        <Button component={RouterLink} to={back} sx={{ mb: 1 }}>{backTo}</Button>
      </Box>
      <Paper component="section" aria-label="On paper" sx={{ maxWidth: 640, p: 2 }}>{children}</Paper>
    </>
  );
}
