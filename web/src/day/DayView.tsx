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
import { useBench } from '../bench/useBench';
import { HowComputed } from '../help/HowComputed';
import { wantedLine } from '../jobs/words';
import { printWeekday } from '../units/clock';
import { today } from '../units/days';
import { many, wholeNumber } from '../units/number';
import { HoursDialog } from './HoursDialog';
import { lanesOf } from './lanes';
import { goesOnWith, isThePlan, keyOf } from './next';
import { sheetWords } from './paper';
import { Shown } from './Shown';
import { gainInWords, hoursInWords, lackingInWords, outlookInWords, overrunInWords, refusedInWords, stateInWords, tooLongInWords } from './words';

const MOST_PIECES = 200;
/** So many are planned together; of more, those that are due first are ticked. */
const MOST_JOBS = 50;
/** A plan is worked out anew as time goes by [ms]. */
const ASKED_AGAIN_MS = 600_000;

/** Production runs: what is done when, on what, by whose hands, and when all is done. */
export function DayView() {
  const { data: day, error } = useDay();
  const { data: jobs, error: jobsError } = useJobs();
  if (error || jobsError) return <Alert severity="error">{(error ?? jobsError)?.message}</Alert>;
  return day && jobs ? <Day day={day} jobs={jobs} /> : <Box sx={{ minHeight: '100vh' }} />;
}

function Day({ day, jobs }: { day: DayReading; jobs: JobView[] }) {
  const { search, ask, stop } = useProposal();
  const { data: things = [] } = useThings();
  const { bench } = useBench();
  const { take, drop } = useDayWrites();
  const notify = useNotice();
  const [ticked, setTicked] = useState<Record<number, boolean>>({});
  const [counts, setCounts] = useState<Record<number, string>>({});
  const [moved, setMoved] = useState<MovedFields[]>([]);
  const [anew, setAnew] = useState(false);
  const [chosen, setChosen] = useState<string>();
  const [editing, setEditing] = useState(false);
  const first = useMemo(() => [...jobs].sort((a, b) => (a.job.dueOn ?? '9').localeCompare(b.job.dueOn ?? '9') || a.id - b.id).slice(0, MOST_JOBS).map(({ id }) => id), [jobs]);
  const isIn = (id: number) => ticked[id] ?? (day.plan ? day.plan.pieces.some(({ jobId, number }) => jobId === id && number > 0) : first.includes(id));
  const asked: AskedFields = {
    jobs: jobs.filter(({ id }) => isIn(id)).map(({ id }) => {
      const toStart = wholeNumber(counts[id] ?? '', MOST_PIECES);
      return toStart === undefined ? { id } : { id, toStart };
    }),
    moved, anew,
  };
  const nothing = jobs.length === 0 && !day.plan && bench?.pieces.length === 0;
  // what is asked, and where the bench and the clock are: whatever of it changes asks again
  const question = JSON.stringify([asked, day.hours, bench?.pieces.map(({ id, version }) => [id, version]), Math.floor(Date.parse(day.now) / ASKED_AGAIN_MS)]);
  const answered = useRef<string>(undefined);
  useEffect(() => {
    if (!bench || nothing || answered.current === question) return;
    answered.current = question;
    ask(asked);
  });
  const proposal = search?.proposal;
  const shown = proposal ?? day.plan;
  const searching = search !== undefined && !search.done;
  const at = shown?.pieces.findIndex((piece) => keyOf(piece) === chosen) ?? -1;
  const waiting = searching && search.of === 0;
  const inForce = proposal !== undefined && day.plan !== undefined && isThePlan(proposal, day.plan);
  const mine = moved.length > 0 || anew || Object.keys(ticked).length > 0 || Object.values(counts).some((count) => count !== '');
  const lanes = useMemo(() => lanesOf(shown?.slots ?? [], things), [shown, things]);
  const move = (moving: number, byMs: number) => {
    const which = shown?.pieces[moving];
    const next = shown && goesOnWith(shown.slots, moving);
    if (which?.jobId === undefined || !next || byMs === 0) return;
    const noSooner = new Date(Math.max(Date.parse(day.now), Date.parse(next.beginsAt) + byMs)).toISOString();
    setMoved([...moved.filter(({ jobId, number }) => jobId !== which.jobId || number !== which.number), { jobId: which.jobId, number: which.number, noSooner }]);
  };
  const asItWas = () => {
    setTicked({});
    setCounts({});
    setMoved([]);
    setAnew(false);
  };
  const keep = () => {
    if (!search?.proposal) return;
    stop();
    void take.mutateAsync({ asked: search.asked, proposal: search.proposal })
      .then(() => { asItWas(); notify({ message: 'This is the plan now.' }); })
      .catch((error: Error) => {
        answered.current = undefined;
        notify({ message: error.message });
      });
  };
  return (
    <Box sx={{ minHeight: '100vh' }}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', columnGap: 2, rowGap: 1, mb: 1 }}>
        <Typography variant="h1" sx={{ flexGrow: 1 }}>The day</Typography>
        <Button onClick={() => { setEditing(true); }}>{hoursInWords(day.hours)}</Button>
        {day.plan && <Button component="a" download href={inThisShop('/api/day/plan.ics')}>Calendar</Button>}
        <HowComputed part="the-day" />
      </Box>
      {editing && <HoursDialog day={day} onLeave={() => { setEditing(false); }} />}
      {nothing && (
        <Typography sx={{ py: 6, textAlign: 'center' }}>
          What is to be done stands here: which piece goes into the heat when, and the day all is done. <RouterLink to="/plan">Plan a bend</RouterLink> and make it a job first.
        </Typography>
      )}
      <Box role="group" aria-label="Jobs to plan" sx={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fill, minmax(min(100%, 340px), 1fr))', gap: 1, mb: 1 }}>
        {jobs.map((view) => {
          const outlook = isIn(view.id) ? proposal?.jobs.find(({ jobId }) => jobId === view.id) : undefined;
          return (
            <Paper key={view.id} sx={{ px: 1.5, py: 0.75, border: 1, borderColor: 'divider' }}>
              <Box sx={{ display: 'flex', alignItems: 'center', gap: 1.5 }}>
                <Box component="label" sx={{ display: 'flex', alignItems: 'center', gap: 1, minHeight: 40, flexGrow: 1 }}>
                  <input type="checkbox" checked={isIn(view.id)} onChange={() => { setTicked({ ...ticked, [view.id]: !isIn(view.id) }); }} />
                  <span><strong>{view.job.name}</strong><Typography component="span" variant="body2" color="textSecondary" sx={{ display: 'block' }}>{wantedLine(view.job, today())}</Typography></span>
                </Box>
                <Field label="Begin" value={counts[view.id] ?? ''} sx={{ width: 84, flexShrink: 0 }} onChange={(event) => { setCounts({ ...counts, [view.id]: event.target.value }); }}
                  slotProps={{ htmlInput: { inputMode: 'numeric', autoComplete: 'off', 'aria-label': `Pieces of ${view.job.name} to begin` } }} />
              </Box>
              <Dimmed old={waiting}><Typography role="status" aria-label={`When ${view.job.name} is done`} variant="body2" sx={{ minHeight: '6em' }}>{outlook && outlookInWords(outlook, proposal?.pieces.filter(({ jobId, pieceId }) => jobId === view.id && pieceId === undefined).length ?? 0)}</Typography></Dimmed>
            </Paper>
          );
        })}
      </Box>
      {!nothing && (
        <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 1, minHeight: 48 }}>
          {proposal && !inForce && <Button variant="contained" loading={take.isPending} onClick={keep}>Use this plan</Button>}
          {day.plan && !anew && <Button onClick={() => { setAnew(true); }}>Plan all anew</Button>}
          {mine && <Button onClick={asItWas}>As it was</Button>}
          {day.plan && <Button color="error" onClick={() => { drop.mutate(); }}>Drop the plan</Button>}
          {searching && <Button onClick={stop}>Stop</Button>}
          <Box role="status" sx={{ flexGrow: 1, minWidth: 180 }}>
            {searching ? (
              <>
                <Typography variant="body2" color="textSecondary">Looking for a better one</Typography>
                <LinearProgress aria-label="Looking for a better plan" variant={search.of > 0 ? 'determinate' : 'indeterminate'} value={search.of > 0 ? (100 * search.tried) / search.of : undefined} />
              </>
            ) : (
              <Typography variant="body2" color="textSecondary">{proposal && stateInWords(day.plan?.madeAt, inForce, mine)}</Typography>
            )}
          </Box>
        </Box>
      )}
      {search?.error && <Alert severity="error" sx={{ my: 1 }}>{search.error.message}</Alert>}
      <Dimmed old={waiting}>
        {proposal && <Answer proposal={proposal} things={things} changed={day.plan !== undefined && !inForce} />}
        {shown && shown.slots.length > 0 && <Shown day={day} slots={shown.slots} pieces={shown.pieces} things={things} lanes={lanes} conflicts={proposal?.conflicts ?? []} words={sheetWords(day, shown.pieces, jobs)} old={waiting} 
          chosen={at < 0 ? undefined : at} onChoose={(piece) => { const which = piece === undefined ? undefined : shown.pieces[piece]; setChosen(which && keyOf(which)); }} onMove={move} />}
        {shown && shown.slots.length === 0 && jobs.length > 0 && <Typography sx={{ py: 4 }}>Nothing is to be begun: enough pieces are under way or done.</Typography>}
      </Dimmed>
    </Box>
  );
}

/** When all is done, and what holds it up. */
function Answer({ proposal, things, changed }: { proposal: Proposal; things: Parameters<typeof gainInWords>[1]; changed: boolean }) {
  const best = proposal.gains[0];
  return (
    <Box component="section" aria-label="When it is done" sx={{ my: 1, minHeight: 54 }}>
      <Typography sx={{ fontSize: '1.15rem' }}>
        <strong>All is done {printWeekday(proposal.endsAt)}.</strong> {best ? gainInWords(best, things) : ''}
      </Typography>
      {changed && proposal.changedMinutes > 0 && <Typography>Not everything can stay where it was planned.</Typography>}
      {proposal.lacking.length > 0 && <Typography variant="body2" color="textSecondary">{lackingInWords(proposal.lacking)}</Typography>}
      {proposal.slots.filter(({ tooLongMinutes }) => tooLongMinutes > 0).map((slot) => {
        const piece = proposal.pieces[slot.piece];
        return piece && <Typography key={`${slot.piece} ${slot.step}`} color="error">{tooLongInWords(slot, piece)}</Typography>;
      })}
      {proposal.slots.filter(({ overrunMinutes, begun }) => overrunMinutes > 0 && !begun).map((slot) => {
        const piece = proposal.pieces[slot.piece];
        return piece && <Typography key={slot.piece} color="error">{overrunInWords(slot, piece)}</Typography>;
      })}
      {proposal.conflicts.filter(({ asked }) => asked).map((conflict) => {
        const next = goesOnWith(proposal.slots, conflict.piece);
        return next && <Typography key={conflict.piece}>{refusedInWords(conflict, next, proposal.pieces, things)}</Typography>;
      })}
      <Typography variant="body2" color="textSecondary">{many(proposal.pieces.length, 'piece is', 'pieces are')} planned. No order of work could be done before {printWeekday(proposal.boundAt)}.</Typography>
    </Box>
  );
}
