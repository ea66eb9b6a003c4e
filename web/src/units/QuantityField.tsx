import { TextField } from '@mui/material';
import { useUnits } from '../app/units';
import { printInches, printMillimetres, printTemperature } from './printing';
import { withUnit, type QuantityKind, type Reading } from './reading';

interface QuantityFieldProps {
  label: string;
  kind: QuantityKind;
  text: string;
  reading: Reading;
  onChange: (text: string) => void;
  problem?: string | undefined;
}

/** Takes a measurement as a person writes it and says underneath what was understood, in the other unit. */
export function QuantityField({ label, kind, text, reading, onChange, problem }: QuantityFieldProps) {
  const [system] = useUnits();
  return (
    <TextField
      label={label}
      value={text}
      error={problem !== undefined}
      helperText={problem ?? understood(kind, text, reading.value)}
      onChange={(event) => {
        onChange(event.target.value);
      }}
      onBlur={() => {
        const complete = withUnit(kind, text, system);
        if (complete !== text) onChange(complete);
      }}
      slotProps={{ htmlInput: { autoComplete: 'off', autoCapitalize: 'off', spellCheck: false } }}
    />
  );
}

function understood(kind: QuantityKind, text: string, value: number | undefined): string {
  if (value === undefined) return ' ';
  if (kind === 'temperature') return `= ${printTemperature(value, /c\s*$/i.test(text) ? 'inch' : 'metric')}`;
  return /m\s*$/i.test(text) ? `≈ ${printInches(value)}` : `= ${printMillimetres(value)}`;
}
