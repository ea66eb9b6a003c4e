import { Alert, Box, Button, LinearProgress, Paper, Typography } from '@mui/material';
import { useEffect, useMemo, useRef, useState } from 'react';
import { Link as RouterLink } from 'react-router';
import { useDay, useDayWrites, useProposal } from '../api/day';
import { useJobs } from '../api/jobs';
import type { AskedFields, DayReading, JobView, MovedFields, Proposal } from '../api/schema';
import { inThisShop } from '../api/shop';
import { useThings } from '../api/things';
import { Dimmed } from '../app/Dimmed';
import { Field } from '../app/Field';
import { useNotice } from '../app/notice';
import { HowComputed } from '../help/HowComputed';
import { wantedLine } from '../jobs/words';
import { printWeekday, printWhen } from '../units/clock';
import { today } from '../units/days';
import { many, wholeNumber } from '../units/number';
import { Agenda } from './Agenda';
import { HoursDialog } from './HoursDialog';
import { lanesOf } from './lanes';
import { Moving } from './Moving';
import { Shown } from './Shown';
import { gainInWords, hoursInWords, lackingInWords, outlookInWords, tooLongInWords } from './words';

/** Production runs: what is done when, on what, by whose hands, and when all is done. */
export function DayView() {
  const { data: day, error } = useDay();
  const { data: jobs, error: jobsError } = useJobs();
  if (error || jobsError) return <Alert severity="error">{(error ?? jobsError)?.message}</Alert>;
  return day && jobs ? <Day day={day} jobs={jobs} /> : <Box sx={{ minHeight: 600 }} />;
}

function Day({ day, jobs }: { day: DayReading; jobs: JobView[] }) {
  const { search, ask, stop, forget } = useProposal();
  const { data: things = [] } = useThings();
  const { take, drop } = useDayWrites();
  const notify = useNotice();
  const planned = new Set(day.plan?.pieces.map(({ jobId }) => jobId));
  const [chosenJobs, setChosenJobs] = useState<Record<number, boolean>>({});
  const [counts, setCounts] = useState<Record<number, string>>({});
  const [moved, setMoved] = useState<MovedFields[]>([]);
  const [piece, setPiece] = useState<number>();
  const [editing, setEditing] = useState(false);
  const isIn = (id: number) => chosenJobs[id] ?? (day.plan ? planned.has(id) : true);
  const asked = (more: Partial<AskedFields> = {}): AskedFields => ({
    jobs: jobs.filter(({ id }) => isIn(id)).map(({ id }) => {
      const toStart = wholeNumber(counts[id] ?? '', 200);
      return toStart === undefined ? { id } : { id, toStart };
    }),
    moved, anew: false, ...more,
  });
  const look = (more: Partial<AskedFields> = {}) => {
    setPiece(undefined);
    ask(asked(more));
  };
  const first = useRef(true);
  useEffect(() => {
    // without a plan the first answer comes by itself
    if (first.current && !day.plan && jobs.length > 0) ask(asked());
    first.current = false;
  });
  const shown = search?.proposal ?? day.plan;
  const lanes = useMemo(() => lanesOf(shown?.slots ?? [], things), [shown, things]);
  const move = (at: number, byMs: number) => {
    const which = shown?.pieces[at];
    const next = shown?.slots.find((slot) => slot.piece === at && !slot.begun);
    if (!which || which.jobId === undefined || !next || byMs === 0) return;
    const noSooner = new Date(Math.max(Date.parse(day.now), Date.parse(next.beginsAt) + byMs)).toISOString();
    const all = [...moved.filter(({ jobId, number }) => jobId !== which.jobId || number !== which.number), { jobId: which.jobId, number: which.number, noSooner }];
    setMoved(all);
    ask(asked({ moved: all }));
  };
  const keep = (proposal: Proposal) => {
    void take.mutateAsync({ asked: search?.asked ?? asked(), proposal })
      .then(() => { forget(); setMoved([]); notify({ message: 'This is the plan now.' }); })
      .catch((error: Error) => { notify({ message: error.message }); });
  };
  const searching = search !== undefined && !search.done;
  return (
    <Box sx={{ minHeight: 700 }}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', columnGap: 2, rowGap: 1, mb: 1 }}>
        <Typography variant="h1" sx={{ flexGrow: 1 }}>The day</Typography>
        <Button onClick={() => { setEditing(true); }}>{hoursInWords(day.hours)}</Button>
        {day.plan && <Button component="a" download href={inThisShop('/api/day/plan.ics')}>Calendar</Button>}
        <HowComputed part="the-day" />
      </Box>
      {editing && <HoursDialog day={day} onLeave={() => { setEditing(false); if (search) look(); }} />}
      {jobs.length === 0 && !day.plan && (
        <Typography sx={{ py: 6, textAlign: 'center' }}>
          What is to be done stands here: which piece goes into the heat when, and the day all is done. <RouterLink to="/plan">Plan a bend</RouterLink> and make it a job first.
        </Typography>
      )}
      <Box role="group" aria-label="Jobs to plan" sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mb: 1.5 }}>
        {jobs.map((view) => (
          <Paper key={view.id} sx={{ display: 'flex', alignItems: 'center', gap: 1.5, px: 1.5, py: 0.75, border: 1, borderColor: 'divider' }}>
            <Box component="label" sx={{ display: 'flex', alignItems: 'center', gap: 1, minHeight: 40 }}>
              <input type="checkbox" checked={isIn(view.id)} onChange={() => { setChosenJobs({ ...chosenJobs, [view.id]: !isIn(view.id) }); }} />
              <span>{view.job.name}<Typography component="span" variant="body2" color="textSecondary" sx={{ display: 'block' }}>{wantedLine(view.job, today())}</Typography></span>
            </Box>
            <Field label="Pieces" value={counts[view.id] ?? ''} sx={{ width: 84 }} onChange={(event) => { setCounts({ ...counts, [view.id]: event.target.value }); }}
              slotProps={{ htmlInput: { inputMode: 'numeric', autoComplete: 'off', 'aria-label': `Pieces to begin of ${view.job.name}` } }} />
          </Paper>
        ))}
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 1, minHeight: 48 }}>
        <Button variant={shown ? 'outlined' : 'contained'} onClick={() => { look(); }} disabled={searching}>{day.plan ? 'Mend the plan' : 'Plan it'}</Button>
        {day.plan && <Button onClick={() => { setMoved([]); look({ anew: true, moved: [] }); }} disabled={searching}>Plan all anew</Button>}
        {search?.proposal && <Button variant="contained" loading={take.isPending} onClick={() => { stop(); keep(search.proposal as Proposal); }}>Use this plan</Button>}
        {search?.proposal && day.plan && <Button onClick={() => { forget(); setMoved([]); }}>Back to the plan in force</Button>}
        {searching && <Button onClick={stop}>Stop</Button>}
        {day.plan && !search && <Button color="error" onClick={() => { drop.mutate(); }}>Drop the plan</Button>}
        <Box role="status" sx={{ flexGrow: 1, minWidth: 180 }}>
          {searching && (
            <>
              <Typography variant="body2" color="textSecondary">Looking for a better one</Typography>
              <LinearProgress aria-label="Looking for a better plan" variant={search.of > 0 ? 'determinate' : 'indeterminate'} value={search.of > 0 ? (100 * search.tried) / search.of : undefined} />
            </>
          )}
          {!searching && day.plan && !search && <Typography variant="body2" color="textSecondary">In force, made {printWhen(day.plan.madeAt)}</Typography>}
        </Box>
      </Box>
      {search?.error && <Alert severity="error" sx={{ my: 1 }}>{search.error.message}</Alert>}
      <Dimmed old={searching && search.tried === 0 && search.of === 0}>
        {search?.proposal && <Answer proposal={search.proposal} things={things} changed={day.plan !== undefined} />}
        {shown && shown.slots.length > 0 && (
          <>
            <Shown day={day} slots={shown.slots} pieces={shown.pieces} lanes={lanes} chosen={piece} onChoose={setPiece} onMove={move} />
            {piece !== undefined && shown.pieces[piece] && <Moving piece={shown.pieces[piece]} onMove={(byMs) => { move(piece, byMs); }} />}
            <Agenda pieces={shown.pieces} slots={shown.slots} things={things} chosen={piece} onChoose={setPiece} />
          </>
        )}
        {shown && shown.slots.length === 0 && jobs.length > 0 && <Typography sx={{ py: 4 }}>Nothing is to be begun: enough pieces are under way or done.</Typography>}
      </Dimmed>
    </Box>
  );
}

/** When all is done, how sure that is, and what holds it up. */
function Answer({ proposal, things, changed }: { proposal: Proposal; things: Parameters<typeof gainInWords>[1]; changed: boolean }) {
  const best = proposal.gains[0];
  return (
    <Box component="section" aria-label="When it is done" sx={{ my: 1, minHeight: 84 }}>
      {proposal.jobs.map((job) => (
        <Typography key={job.jobId} sx={{ fontSize: '1.1rem' }}><strong>{job.name}:</strong> {outlookInWords(job)}</Typography>
      ))}
      {best && <Typography>{gainInWords(best, things)}</Typography>}
      {changed && proposal.changedMinutes > 0 && <Typography>Not everything can stay where it was planned.</Typography>}
      {proposal.lacking.length > 0 && <Typography variant="body2" color="textSecondary">{lackingInWords(proposal.lacking)}</Typography>}
      {proposal.slots.filter(({ tooLongMinutes }) => tooLongMinutes > 0).map((slot) => {
        const piece = proposal.pieces[slot.piece];
        return piece && <Typography key={`${slot.piece} ${slot.step}`} color="error">{tooLongInWords(slot, piece)}</Typography>;
      })}
      <Typography variant="body2" color="textSecondary">{many(proposal.pieces.length, 'piece', 'pieces')} are planned. No order of work could be done before {printWeekday(proposal.boundAt)}.</Typography>
    </Box>
  );
}
