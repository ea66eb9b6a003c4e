import { Box, Button } from '@mui/material';
import { useState } from 'react';
import type { BenchView } from '../api/schema';
import { Field } from '../app/Field';
import { number } from '../units/number';
import { serverNow } from './serverClock';
import { say } from './taps';
import { Thermometer } from './Thermometer';
import { sayOf, type Step, type Tap } from './words';

interface TouchesProps {
  piece: BenchView;
  step: Step;
  next: Tap[];
  /** Whether it is the most pressing. */
  first: boolean;
  /** Whether a verdict can be taken down now. */
  judges: boolean;
  /** Whether there is a carry that can be walked cold. */
  rehearses: boolean;
  onJudge: () => void;
  onRehearse: () => void;
}

const NOTES: Tap[] = ['FEATHERS', 'CREASE', 'CLICK', 'BROKE'];
/** A day and a half: nobody forgets longer. */
const LONGEST_AGO_MIN = 2160;

/** What may be said of a piece by one touch, what usually follows first and largest. */
export function Touches({ piece, step, next, first, judges, rehearses, onJudge, onRehearse }: TouchesProps) {
  const [reading, setReading] = useState(false);
  const [earlier, setEarlier] = useState<string>();
  const ago = earlier === undefined ? 0 : number(earlier);
  const told = ago !== undefined && ago <= LONGEST_AGO_MIN;
  const steps = next.filter((tap) => !NOTES.includes(tap) && tap !== 'READING');
  const notes = next.filter((tap) => NOTES.includes(tap));
  const touch = (tap: Tap) => {
    if (tap === 'JUDGED') onJudge();
    else say(piece.id, tap, { at: serverNow() - (ago ?? 0) * 60_000 });
    setEarlier(undefined);
  };
  return (
    <Box sx={{ display: 'grid', gap: 1, alignContent: 'start' }}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        {steps.map((tap, place) => (
          <Button key={tap} variant={place === 0 ? 'contained' : 'outlined'} size="large" disabled={!told || (tap === 'JUDGED' && !judges)}
            sx={place === 0 ? { minHeight: first ? 88 : 56, fontSize: first ? '1.5rem' : '1.1rem', flex: '1 1 180px' } : { minHeight: 48 }}
            onClick={() => { touch(tap); }}>
            {sayOf(tap, step)}
          </Button>
        ))}
      </Box>
      {notes.length > 0 && (
        <Box role="group" aria-label={`Seen on ${piece.name}`} sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
          {notes.map((tap) => (
            <Button key={tap} variant="outlined" color={tap === 'BROKE' ? 'error' : 'inherit'} sx={{ minHeight: 44 }} disabled={!told}
              onClick={() => { touch(tap); }}>
              {sayOf(tap, step)}
            </Button>
          ))}
        </Box>
      )}
      {reading && <Thermometer name={piece.name} onRead={(celsius) => { say(piece.id, 'READING', { celsius }); }} onClose={() => { setReading(false); }} />}
      {earlier !== undefined && (
        <Field label="Minutes ago" value={earlier} error={!told} sx={{ width: 160 }} helperText={told ? 'Then tap what was done.' : 'Minutes as a number, a day and a half at most.'}
          onChange={(event) => { setEarlier(event.target.value); }} slotProps={{ htmlInput: { inputMode: 'decimal', autoComplete: 'off' } }} />
      )}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        {next.includes('READING') && !reading && <Button size="small" onClick={() => { setReading(true); }}>Read a thermometer</Button>}
        {rehearses && <Button size="small" onClick={onRehearse}>Rehearse</Button>}
        {steps.some((tap) => tap !== 'JUDGED') && (
          <Button size="small" onClick={() => { setEarlier(earlier === undefined ? '5' : undefined); }}>{earlier === undefined ? 'It was earlier' : 'It is now'}</Button>
        )}
      </Box>
    </Box>
  );
}
