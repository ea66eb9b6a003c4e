import { Box, Button } from '@mui/material';
import { useState } from 'react';
import type { ConflictView, DayPieceView, DayReading, DaySlotView, RigItemView } from '../api/schema';
import { useOnPhone } from '../app/phone';
import { Tray } from '../app/Tray';
import { TakeSheet, type SheetWords } from '../paper/TakeSheet';
import { printWeekday } from '../units/clock';
import { Agenda } from './Agenda';
import type { Lane } from './lanes';
import { Lanes } from './Lanes';
import { Moving } from './Moving';
import { goesOnWith, workOfHands } from './next';
import { daysOnPaper } from './paper';
import { conflictInWords } from './words';

const DAY_MS = 86_400_000;
const SPANS = { day: 'Day', week: 'Week', all: 'Whole run' };
type Span = keyof typeof SPANS;

interface ShownProps {
  day: DayReading;
  pieces: DayPieceView[];
  slots: DaySlotView[];
  things: RigItemView[];
  lanes: Lane[];
  conflicts: ConflictView[];
  /** What else stands on paper. */
  words: SheetWords;
  old: boolean;
  chosen: number | undefined;
  onChoose: (piece: number | undefined) => void;
  onMove: (piece: number, byMs: number) => void;
}

/** The lanes of a day, a week or the whole run, and what is to be done in it. */
export function Shown({ day, pieces, slots, things, lanes, conflicts, words, old, chosen, onChoose, onMove }: ShownProps) {
  const [span, setSpan] = useState<Span>(useOnPhone() ? 'day' : 'week');
  const [ahead, setAhead] = useState(0);
  const nowMs = Date.parse(day.now);
  const begins = Math.min(...slots.map(({ beginsAt }) => Date.parse(beginsAt)));
  const ends = Math.max(...slots.map(({ endsAt }) => Date.parse(endsAt)));
  const first = midnight(Math.max(begins, nowMs), span === 'all' ? 0 : ahead);
  const fromMs = span === 'all' ? midnight(Math.min(begins, nowMs), 0) : first;
  const toMs = span === 'all' ? Math.max(ends, fromMs + DAY_MS) : midnight(first, span === 'day' ? 1 : 7);
  const step = span === 'day' ? 1 : 7;
  const conflict = conflicts.find(({ piece }) => piece === chosen);
  const next = goesOnWith(slots, chosen);
  const open = { from: minutesOf(day.hours.opens), to: minutesOf(day.hours.closes), days: day.hours.days };
  const work = workOfHands(slots).filter(({ beginsAt }) => Date.parse(beginsAt) >= fromMs && Date.parse(beginsAt) < toMs);
  return (
    <>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 1, my: 1 }}>
        <Tray<Span> aria-label="Shown" options={SPANS} chosen={(option) => option === span} onTap={setSpan} />
        {span !== 'all' && (
          <>
            <Button size="small" disabled={ahead === 0} onClick={() => { setAhead(Math.max(0, ahead - step)); }}>Before</Button>
            <span>{printWeekday(new Date(fromMs).toISOString())}</span>
            <Button size="small" disabled={toMs >= ends} onClick={() => { setAhead(ahead + step); }}>After</Button>
          </>
        )}
      </Box>
      <Lanes lanes={lanes} pieces={pieces} slots={slots} fromMs={fromMs} toMs={toMs} nowMs={nowMs} chosen={chosen} onChoose={onChoose} onMove={onMove}
        open={open} />
      {chosen !== undefined && pieces[chosen] && <Moving piece={pieces[chosen]} kept={conflict && next && conflictInWords(conflict, next.step, pieces, things)} onMove={(byMs) => { onMove(chosen, byMs); }} />}
      <Agenda pieces={pieces} things={things} work={work} chosen={chosen} onChoose={onChoose} />
      {work.length > 0 && (
        <Box sx={{ mt: 2 }}>
          <TakeSheet old={old} words={words} ask={(sheet) => ({ about: 'day', asked: { sheet, days: daysOnPaper(slots, pieces, things, lanes, open, fromMs, toMs) } })} />
        </Box>
      )}
    </>
  );
}

/** Midnight where the person is, so many days on. */
function midnight(ms: number, days: number): number {
  const at = new Date(ms);
  at.setHours(0, 0, 0, 0);
  at.setDate(at.getDate() + days);
  return at.getTime();
}

function minutesOf(time: string): number {
  return 60 * Number(time.slice(0, 2)) + Number(time.slice(3, 5));
}
