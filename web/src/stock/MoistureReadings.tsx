import { Box, Button, Typography } from '@mui/material';
import { useState } from 'react';
import type { BoardFields, Known, MoistureFields } from '../api/schema';
import { Field } from '../app/Field';
import { useUnits } from '../app/units';
import { TakeReading } from '../instruments/TakeReading';
import { Row } from '../recipe/fields';
import { Choice } from '../recipe/Choice';
import { printDay, today } from '../units/days';
import { MeasureField } from '../units/MeasureField';
import { typedIn, useReadings } from '../units/reading';
import { readWhole } from '../units/readOrThrow';
import { howInWords, percent } from './words';

type Way = 'METER' | 'SAMPLE' | 'SCALE';

const WAYS: Record<Way, string> = { METER: 'meter', SAMPLE: 'oven-dry sample', SCALE: 'scale' };

const EMPTY = { meter: '', wet: '', dry: '', mass: '' };

const MEASURED = { meter: 'MOISTURE', wet: 'MASS', dry: 'MASS', mass: 'MASS' } as const;

/** How wet the board was, reading by reading, and the next one. */
export function MoistureReadings({ board, moisture, onChange }: { board: BoardFields; moisture: Known[]; onChange: (board: BoardFields) => void }) {
  const [system] = useUnits();
  const [way, setWay] = useState<Way>('METER');
  const [form, setForm] = useState(EMPTY);
  const [day, setDay] = useState('');
  const [refusal, setRefusal] = useState<string>();
  const typed = typedIn(form, MEASURED);
  const readings = useReadings(typed, system);
  const write = async () => {
    try {
      const read = OF[way](await readWhole(typed, system));
      if (Object.keys(read).length === 0) throw new Error('A reading is needed.');
      onChange({ ...board, readings: [...board.readings, { readOn: day || today(), ...read }] });
      setForm(EMPTY);
    } catch (error) {
      setRefusal((error as Error).message);
    }
  };
  const measure = (field: keyof typeof EMPTY, label: string, hint?: string) => (
    <MeasureField label={label} measurement={MEASURED[field]} text={form[field]} reading={readings[field]} hint={hint} problem={readings[field].error}
      onChange={(text) => { setRefusal(undefined); setForm({ ...form, [field]: text }); }} />
  );
  return (
    <Box component="form" noValidate aria-label="Moisture" onSubmit={(event: React.FormEvent) => { event.preventDefault(); void write(); }}>
      <Typography variant="h2" gutterBottom>Moisture</Typography>
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0, mb: 1 }}>
        {moisture.length === 0 && <Typography component="li" color="textSecondary">Never read.</Typography>}
        {moisture.slice(-MOST).map((known, index) => (
          <Typography component="li" key={index}><b>{percent(known)}</b> {howInWords(known)}, {printDay(known.day)}</Typography>
        ))}
        {board.readings.length > moisture.length && (
          <Typography component="li" variant="body2" color="textSecondary">
            A weighing tells the moisture once some day has both the mass of the board and its moisture.
          </Typography>
        )}
      </Box>
      <Choice label="Read by" options={WAYS} value={way} onChange={(chosen) => { setRefusal(undefined); setWay(chosen); }} />
      <Row>
        {way === 'METER' && measure('meter', 'Moisture %')}
        {way === 'SAMPLE' && measure('wet', 'Sample as cut, g')}
        {way === 'SAMPLE' && measure('dry', 'Sample oven dry, g')}
        {measure('mass', 'Mass of the board, g', way === 'SCALE' ? undefined : 'Needed to weigh it later')}
        <Field label="Day" type="date" value={day || today()} helperText=" " onChange={(event) => { setDay(event.target.value); }} />
      </Row>
      {refusal && <Typography role="alert" variant="body2" color="error">{refusal}</Typography>}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        <Button type="submit" variant="outlined">Write it down</Button>
        {way === 'METER' && <TakeReading kind="METER" onTake={(meter) => { setForm({ ...form, meter }); }} />}
        {way === 'SCALE' && <TakeReading kind="SCALE" onTake={(mass) => { setForm({ ...form, mass }); }} />}
      </Box>
    </Box>
  );
}

/** As many of the last readings stand there. */
const MOST = 6;

type Read = Record<keyof typeof EMPTY, { value?: number | undefined }>;

/** What each way of reading writes down. */
const OF: Record<Way, (read: Read) => Partial<MoistureFields>> = {
  METER: ({ meter, mass }) => known({ moisturePercent: meter.value, massG: mass.value }),
  SAMPLE: ({ wet, dry, mass }) => known({ sampleWetG: wet.value, sampleDryG: dry.value, massG: mass.value }),
  SCALE: ({ mass }) => known({ massG: mass.value }),
};

function known(values: Record<string, number | undefined>): Partial<MoistureFields> {
  return Object.fromEntries(Object.entries(values).filter(([, value]) => value !== undefined));
}
