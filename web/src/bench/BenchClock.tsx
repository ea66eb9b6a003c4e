import { Box, Typography } from '@mui/material';
import type { StandingReading } from '../api/schema';
import { useUnits } from '../app/units';
import { printTime } from '../process/time';
import { printPercent, printTemperature } from '../units/printing';
import { useServerTime } from './useServerTime';
import { DUE, printClock, printCountdown, printMoment, STEP, type Step, UNTOUCHED } from './words';

const MOISTURE_FIRST: Step[] = ['SOAKING', 'DRYING'];

interface BenchClockProps {
  step: Step;
  standing: StandingReading;
  /** Whether it is to be read from two metres away. */
  first: boolean;
}

/** What the clock of a piece says: counting down where seconds matter, counting up with what it waits for elsewhere. */
export function BenchClock({ step, standing, first }: BenchClockProps) {
  const [system] = useUnits();
  const down = step === 'BENDING' || step === 'GLUING';
  const now = useServerTime(down);
  const { wood, dueIs } = standing;
  const due = standing.due === undefined ? undefined : Date.parse(standing.due);
  const from = standing.countsFrom === undefined ? undefined : Date.parse(standing.countsFrom);
  const left = due === undefined ? undefined : (due - now) / 1000;
  const over = left !== undefined && left <= 0;
  return (
    <Box sx={{ minHeight: first ? 132 : 104, mt: 1 }}>
      <Typography color="textSecondary" sx={{ fontWeight: 600 }}>{STEP[step]}</Typography>
      {!UNTOUCHED.includes(step) && step !== 'FINISHED' && <Typography component="p" role="timer" aria-label={`Clock: ${STEP[step]}`}
        sx={{ fontFamily: 'h1.fontFamily', fontWeight: 600, fontVariantNumeric: 'tabular-nums', lineHeight: 1.1,
          fontSize: first ? { xs: '3.4rem', md: '4.2rem' } : '2.2rem', color: down && over ? 'error.main' : 'text.primary' }}>
        {figure(down, left, from, now)}
      </Typography>}
      {!down && from !== undefined && <ClockBar from={from} now={now} standing={standing} />}
      <Typography sx={{ fontWeight: 600 }}>
        {sentence({ step, dueIs, left, due, now, counts: from !== undefined })}
        {step === 'HEATING' && standing.plannedSeconds !== undefined ? ` Planned ${printTime(standing.plannedSeconds)}.` : ''}
      </Typography>
      {wood && (
        <Typography variant="body2" color="textSecondary">
          {step === 'HEATING' || step === 'ON_FORM' ? `Core ${printTemperature(wood.coreC, system)}, ` : ''}
          {step === 'HEATING' || step === 'BENDING' ? `${softShare(wood.softShare, step)} of the section soft, ` : ''}
          {MOISTURE_FIRST.includes(step) ? 'Moisture' : 'moisture'} {printPercent(wood.moisturePercent / 100)}
          {hotThrough(standing, now)}
          {wood.bearsCarryS === undefined ? '' : bearing(wood.bearsCarryS)}
        </Typography>
      )}
    </Box>
  );
}

function figure(down: boolean, left: number | undefined, from: number | undefined, now: number): string {
  if (down && left !== undefined) return printCountdown(left);
  return from === undefined ? '—' : printClock(Math.max(0, now - from) / 1000);
}

function softShare(share: number, step: Step): string {
  if (share > 0) return printPercent(share);
  return step === 'BENDING' ? 'None' : 'none';
}

function hotThrough({ hotThrough: at, dueIs }: StandingReading, now: number): string {
  if (at === undefined || dueIs !== 'SOFT') return '';
  const ms = Date.parse(at);
  return ms > now ? `, hot through at ${printMoment(ms, now)}` : ', hot through';
}

function bearing(seconds: number): string {
  return seconds > 0 ? `. Pulled now it would leave ${Math.round(seconds)} s to clamp it` : '. Not yet soft enough outside to be carried';
}

/** How far it has come towards what is planned and what it waits for. */
function ClockBar({ from, now, standing }: { from: number; now: number; standing: StandingReading }) {
  const due = standing.due === undefined ? undefined : Date.parse(standing.due);
  const planned = standing.plannedSeconds === undefined ? undefined : from + standing.plannedSeconds * 1000;
  const end = Math.max(due ?? 0, planned ?? 0);
  if (end <= from) return null;
  const share = (at: number) => Math.min(1, Math.max(0, (at - from) / (end - from)));
  const marks = [...(due === undefined || due === planned ? [] : [{ at: due, word: SHORT[standing.dueIs] }]), ...(planned === undefined ? [] : [{ at: planned, word: 'planned' }])];
  return (
    <Box aria-hidden sx={{ position: 'relative', my: 0.75, pb: 2.5 }}>
      <Box sx={{ position: 'relative', height: 12, bgcolor: 'action.hover', borderRadius: 1, overflow: 'hidden' }}>
        <Box sx={{ position: 'absolute', inset: 0, width: `${share(now) * 100}%`, bgcolor: 'data.clean' }} />
        {marks.map(({ at }) => (
          <Box key={at} sx={{ position: 'absolute', top: 0, bottom: 0, left: `calc(${share(at) * 100}% - 3px)`, width: 3, bgcolor: 'text.primary' }} />
        ))}
      </Box>
      {marks.filter(({ at }) => marks.every((other) => other.at <= at || share(other.at) - share(at) > 0.25)).map(({ at, word }) => (
        <Typography key={at} variant="body2" component="span" color="textSecondary"
          sx={{ position: 'absolute', bottom: 0, left: `${share(at) * 100}%`, transform: `translateX(-${share(at) * 100}%)` }}>{word}</Typography>
      ))}
    </Box>
  );
}

const SHORT: Partial<Record<StandingReading['dueIs'], string>> = { SOFT: 'soft', HOT: 'hot through', DRY: '10 %' };

interface Said {
  step: Step;
  dueIs: StandingReading['dueIs'];
  left: number | undefined;
  due: number | undefined;
  now: number;
  counts: boolean;
}

function sentence({ step, dueIs, left, due, now, counts }: Said): string {
  if (step === 'HEATING' && !counts) return 'Waiting for the heat: the time counts from then on.';
  if (left === undefined || due === undefined) return step === 'HEATING' ? 'In this heat it gets neither soft nor hot through within eight hours.' : '';
  const words = DUE[dueIs];
  if (step === 'BENDING' || step === 'GLUING') return left > 0 ? `seconds ${words}` : TOO_LATE[step];
  if (left <= 0) return step === 'HEATING' ? `Ready: ${words}.` : `Over: ${words}.`;
  return step === 'HEATING' ? `Ready at ${printMoment(due, now)}: ${words}.` : `${words[0]?.toUpperCase() ?? ''}${words.slice(1)} at ${printMoment(due, now)}.`;
}

const TOO_LATE = {
  BENDING: 'The outer face is half hard: clamp what is bent, force nothing.',
  GLUING: 'The glue closes: clamp it now, or take it apart and clean it.',
};
