import { Box, Button, Paper, Typography } from '@mui/material';
import { useState } from 'react';
import type { BenchView } from '../api/schema';
import { useNotice } from '../app/notice';
import { useUnits } from '../app/units';
import { PieceGlyph } from '../bend/PieceGlyph';
import { processLine, shapeLine } from '../recipe/words';
import { BenchClock } from './BenchClock';
import { serverNow } from './serverClock';
import { stateOf } from './state';
import { say, type WaitingTap } from './taps';
import { Thermometer } from './Thermometer';
import { useBenchWrites } from './useBenchWrites';
import { Verdict } from './Verdict';
import { SAY, saidInWords, type Tap } from './words';

interface PieceCardProps {
  piece: BenchView;
  /** Whether it is the most pressing. */
  first: boolean;
  wood: string;
  waiting: WaitingTap[];
  /** Whether nothing is heard of the server. */
  lost: boolean;
}

const NOTES: Tap[] = ['FEATHERS', 'CREASE', 'CLICK'];

/** One piece under way: what it is, what its clock says, and what may be said of it by a touch. */
export function PieceCard({ piece, first, wood, waiting, lost }: PieceCardProps) {
  const [system] = useUnits();
  const [judging, setJudging] = useState(false);
  const [reading, setReading] = useState(false);
  const { recipe } = piece;
  const { step, next, standing, said } = stateOf(piece, waiting);
  const notes = next.filter((tap) => NOTES.includes(tap) || tap === 'BROKE');
  const steps = next.filter((tap) => !notes.includes(tap) && tap !== 'READING');
  const touch = (tap: Tap) => {
    if (tap === 'JUDGED') setJudging(true);
    else say(piece.id, tap);
  };
  return (
    <Paper component="li" aria-label={piece.name} sx={{ p: 2, border: first ? 2 : 1, borderColor: first ? 'primary.main' : 'divider', gridColumn: first ? { md: '1 / -1' } : undefined }}>
      <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: first ? { xs: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) minmax(0, 1fr)' } : 'minmax(0, 1fr)' }}>
        <Box sx={{ minWidth: 0 }}>
          <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center' }}>
            <PieceGlyph recipe={recipe} severity="CLEAN" />
            <Box sx={{ minWidth: 0 }}>
              <Typography variant="h2">{piece.name}</Typography>
              <Typography variant="body2" color="text.secondary">
                {wood}, {shapeLine(recipe, system)}. {processLine(recipe, system)}{recipe.person ? `, ${recipe.person}` : ''}
              </Typography>
            </Box>
          </Box>
          <BenchClock step={step} standing={standing} first={first} />
        </Box>
        <Box sx={{ display: 'grid', gap: 1, alignContent: 'start' }}>
          {!judging && <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
            {steps.map((tap, place) => (
              <Button key={tap} variant={place === 0 ? 'contained' : 'outlined'} size="large" disabled={tap === 'JUDGED' && (lost || waiting.length > 0)}
                sx={place === 0 ? { minHeight: first ? 88 : 56, fontSize: first ? '1.5rem' : '1.1rem', flex: '1 1 180px' } : { minHeight: 48 }}
                onClick={() => { touch(tap); }}>
                {SAY[tap]}
              </Button>
            ))}
          </Box>}
          {!judging && notes.length > 0 && (
            <Box role="group" aria-label={`Seen on ${piece.name}`} sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
              {notes.map((tap) => (
                <Button key={tap} variant="outlined" color={tap === 'BROKE' ? 'error' : 'inherit'} sx={{ minHeight: 44 }}
                  onClick={() => { touch(tap); }}>
                  {SAY[tap]}
                </Button>
              ))}
            </Box>
          )}
          {!judging && next.includes('READING') && (reading
            ? <Thermometer name={piece.name} onRead={(celsius) => { say(piece.id, 'READING', celsius); }} onClose={() => { setReading(false); }} />
            : <Button size="small" sx={{ justifySelf: 'start' }} onClick={() => { setReading(true); }}>Read a thermometer</Button>)}
          {judging && <Verdict piece={piece} onClose={() => { setJudging(false); }} />}
        </Box>
      </Box>
      <Foot piece={piece} waiting={waiting} said={saidInWords(said, serverNow(), system)} hidden={judging} />
    </Paper>
  );
}

/** What was said so far, and the way back. */
function Foot({ piece, waiting, said, hidden }: { piece: BenchView; waiting: WaitingTap[]; said: string; hidden: boolean }) {
  const { takeBack, takeOff, putBack } = useBenchWrites();
  const notify = useNotice();
  const failed = (error: Error) => { notify({ message: error.message }); };
  return (
    <>
      <Typography variant="body2" color="text.secondary" sx={{ mt: 1.5 }}>
        {said || 'Nothing was done yet'}
        {waiting.length > 0 ? ' (not sent yet)' : ''}
      </Typography>
      {!hidden && (
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
          {piece.said.length > 0 && waiting.length === 0 && (
            <Button size="small" onClick={() => { takeBack.mutate(piece, { onError: failed }); }}>Take back the last</Button>
          )}
          <Button size="small" color="error" onClick={() => {
            void takeOff.mutateAsync(piece)
              .then(() => { notify({ message: `${piece.name} taken off the bench.`, undo: () => { putBack.mutate(piece.id, { onError: failed }); } }); })
              .catch(failed);
          }}>
            Off the bench
          </Button>
        </Box>
      )}
    </>
  );
}
