import { Box, Button } from '@mui/material';
import { useState } from 'react';
import type { DayPieceView, DayReading, DaySlotView, RigItemView } from '../api/schema';
import { useOnPhone } from '../app/phone';
import { Tray } from '../app/Tray';
import { printWeekday } from '../units/clock';
import { Agenda } from './Agenda';
import type { Lane } from './lanes';
import { Lanes } from './Lanes';
import { Moving } from './Moving';

const DAY_MS = 86_400_000;
const SPANS = { day: 'Day', week: 'Week', all: 'Whole run' };
type Span = keyof typeof SPANS;

interface ShownProps {
  day: DayReading;
  pieces: DayPieceView[];
  slots: DaySlotView[];
  things: RigItemView[];
  lanes: Lane[];
  chosen: number | undefined;
  onChoose: (piece: number | undefined) => void;
  onMove: (piece: number, byMs: number) => void;
}

/** The lanes of a day, a week or the whole run, and what is to be done in it. */
export function Shown({ day, pieces, slots, things, lanes, chosen, onChoose, onMove }: ShownProps) {
  const [span, setSpan] = useState<Span>(useOnPhone() ? 'day' : 'week');
  const [ahead, setAhead] = useState(0);
  const nowMs = Date.parse(day.now);
  const begins = Math.min(...slots.map(({ beginsAt }) => Date.parse(beginsAt)));
  const ends = Math.max(...slots.map(({ endsAt }) => Date.parse(endsAt)));
  const first = midnight(Math.max(begins, nowMs), span === 'all' ? 0 : ahead);
  const fromMs = span === 'all' ? midnight(Math.min(begins, nowMs), 0) : first;
  const toMs = span === 'all' ? Math.max(ends, fromMs + DAY_MS) : midnight(first, span === 'day' ? 1 : 7);
  const step = span === 'day' ? 1 : 7;
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
        open={{ from: minutesOf(day.hours.opens), to: minutesOf(day.hours.closes), days: day.hours.days }} />
      {chosen !== undefined && pieces[chosen] && <Moving piece={pieces[chosen]} onMove={(byMs) => { onMove(chosen, byMs); }} />}
      <Agenda pieces={pieces} things={things} chosen={chosen} onChoose={onChoose}
        slots={slots.filter(({ beginsAt }) => Date.parse(beginsAt) >= fromMs && Date.parse(beginsAt) < toMs)} />
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
