import { Box, Button, Typography } from '@mui/material';
import { useState } from 'react';
import { Field } from '../app/Field';
import { useUnits } from '../app/units';
import { readOne } from '../units/readOrThrow';

interface ThermometerProps {
  name: string;
  onRead: (celsius: number) => void;
  onClose: () => void;
}

/** What a thermometer in the heat shows at this moment. */
export function Thermometer({ name, onRead, onClose }: ThermometerProps) {
  const [system] = useUnits();
  const [text, setText] = useState('');
  const [refusal, setRefusal] = useState<string>();
  const read = async () => {
    try {
      onRead(await readOne({ measurement: 'TEMPERATURE', text }, system, 'What it shows is needed.'));
      onClose();
    } catch (error) {
      setRefusal((error as Error).message);
    }
  };
  return (
    <Box component="form" noValidate aria-label={`Thermometer of ${name}`} onSubmit={(event) => { event.preventDefault(); void read(); }}
      sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'start' }}>
      <Field label="It shows" value={text} sx={{ width: 140 }} error={refusal !== undefined}
        onChange={(event) => { setRefusal(undefined); setText(event.target.value); }} slotProps={{ htmlInput: { autoComplete: 'off' } }} />
      <Button type="submit" variant="outlined" sx={{ minHeight: 40 }}>Write it down</Button>
      <Button sx={{ minHeight: 40 }} onClick={onClose}>Cancel</Button>
      {refusal && <Typography role="alert" variant="body2" color="error" sx={{ width: '100%' }}>{refusal}</Typography>}
    </Box>
  );
}
