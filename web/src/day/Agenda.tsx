import { Box, Button, Typography } from '@mui/material';
import type { DayPieceView, RigItemView, DaySlotView } from '../api/schema';
import { dayOf, printTimeOfDay, printWeekday } from '../units/clock';
import { workInWords } from './words';

interface AgendaProps {
  pieces: DayPieceView[];
  /** What hands are to do, in the order of time. */
  work: DaySlotView[];
  things: RigItemView[];
  chosen: number | undefined;
  onChoose: (piece: number | undefined) => void;
}

/** What hands do when, day by day. */
export function Agenda({ pieces, work, things, chosen, onChoose }: AgendaProps) {
  const days = [...new Set(work.map(({ beginsAt }) => dayOf(beginsAt)))];
  return (
    <Box component="section" aria-label="What to do when" sx={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fill, minmax(min(100%, 330px), 1fr))', gap: 3, mt: 3 }}>
      {days.length === 0 && <Typography color="textSecondary">Nothing for hands to do.</Typography>}
      {days.map((day) => (
        <Box key={day}>
          <Typography variant="h3" gutterBottom>{printWeekday(`${day}T12:00`)}</Typography>
          <Box component="ol" sx={{ listStyle: 'none', p: 0, m: 0 }}>
            {work.filter(({ beginsAt }) => dayOf(beginsAt) === day).map((slot) => {
              const piece = pieces[slot.piece];
              return piece && (
                <Box component="li" key={`${slot.piece} ${slot.step}`} sx={{ display: 'grid', gridTemplateColumns: '4em 1fr', alignItems: 'baseline' }}>
                  <Typography sx={{ fontVariantNumeric: 'tabular-nums' }}>{printTimeOfDay(slot.beginsAt)}</Typography>
                  <Button size="small" aria-pressed={chosen === slot.piece} onClick={() => { onChoose(chosen === slot.piece ? undefined : slot.piece); }}
                    sx={{ justifyContent: 'flex-start', textAlign: 'left', color: 'text.primary', fontWeight: chosen === slot.piece ? 700 : 400, py: 0.25, px: 0.5, minWidth: 0, fontSize: '1rem', lineHeight: 1.3 }}>
                    {workInWords(slot, piece, things)}
                  </Button>
                </Box>
              );
            })}
          </Box>
        </Box>
      ))}
    </Box>
  );
}
