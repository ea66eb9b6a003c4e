import { Box, Button, Typography } from '@mui/material';
import { useState } from 'react';
import { useRackWrites } from '../api/queries';
import type { DryingView } from '../api/schema';
import { Field } from '../app/Field';
import { useUnits } from '../app/units';
import { TakeReading } from '../instruments/TakeReading';
import { Choice } from '../recipe/Choice';
import { today } from '../units/days';
import { readOne } from '../units/readOrThrow';

const MEANS = { METER: 'meter %', SCALE: 'scale g' };

/** One reading, by meter or, for a piece that was weighed at the start, by scale. */
export function WeighIn({ drying }: { drying: DryingView }) {
  const weighed = drying.piece.startMassG !== undefined;
  const [means, setMeans] = useState<keyof typeof MEANS>(weighed ? 'SCALE' : 'METER');
  const [text, setText] = useState('');
  const [day, setDay] = useState('');
  const [refusal, setRefusal] = useState<string>();
  const [system] = useUnits();
  const { weigh } = useRackWrites();
  const save = async () => {
    try {
      const typed = { measurement: means === 'SCALE' ? 'MASS' : 'MOISTURE', text } as const;
      const value = await readOne(typed, system, 'A reading is needed.');
      await weigh.mutateAsync({
        piece: drying,
        weighIn: { weighedOn: day || today(), ...(means === 'SCALE' ? { massG: value } : { moisturePercent: value }) },
      });
      setText('');
      setDay('');
    } catch (error) {
      setRefusal((error as Error).message);
    }
  };
  return (
    <Box component="form" noValidate aria-label={`Weigh ${drying.piece.name}`} onSubmit={(event) => { event.preventDefault(); void save(); }}
      sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'start', mt: 1.5 }}>
      {weighed && <Choice label="Read by" options={MEANS} value={means} onChange={setMeans} />}
      <Field label={means === 'SCALE' ? 'Mass, g' : 'Moisture %'} value={text} sx={{ width: 130, mt: weighed ? 3 : 0 }}
        error={refusal !== undefined} slotProps={{ htmlInput: { inputMode: 'decimal', autoComplete: 'off' } }}
        onChange={(event) => { setRefusal(undefined); setText(event.target.value); }} />
      <Field label="On" type="date" value={day || today()} sx={{ width: 165, mt: weighed ? 3 : 0 }}
        onChange={(event) => { setDay(event.target.value); }} />
      <Button type="submit" variant="outlined" loading={weigh.isPending} sx={{ mt: weighed ? 3 : 0, minHeight: 40 }}>Write it down</Button>
      <Box sx={{ width: '100%', minHeight: 40 }}><TakeReading kind={means} onTake={(read) => { setRefusal(undefined); setText(read); }} /></Box>
      {refusal && <Typography role="alert" variant="body2" color="error" sx={{ width: '100%' }}>{refusal}</Typography>}
    </Box>
  );
}
