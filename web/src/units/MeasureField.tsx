import { Field } from '../app/Field';
import { unsaidIf } from '../app/reach';
import { useUnits } from '../app/units';
import { Help } from '../help/Help';
import type { TermName } from '../help/titles';
import { printInches, printMillimetres, printTemperature } from './printing';
import { withUnit, type Measurement, type Reading } from './reading';

interface MeasureFieldProps {
  label: string;
  measurement: Measurement;
  text: string;
  reading: Reading;
  onChange: (text: string) => void;
  problem?: string | undefined;
  hint?: string | undefined;
  /** What a beginner may not know. */
  help?: TermName | undefined;
}

/** Takes a measurement as a person writes it and says underneath what was understood, in the unit it is kept in or the other one. */
export function MeasureField({ label, measurement, text, reading, onChange, problem, hint, help }: MeasureFieldProps) {
  const [system] = useUnits();
  return (
    <Field
      label={label}
      value={text}
      error={problem !== undefined}
      helperText={problem ?? (understood(measurement, text, reading.value) || hint || ' ')}
      onChange={(event) => {
        onChange(event.target.value);
      }}
      onBlur={() => {
        const complete = withUnit(measurement, text, system);
        if (complete !== text) onChange(complete);
      }}
      mark={help && <Help of={help} />}
      slotProps={{
        htmlInput: { ...unsaidIf(text.trim() === ''), autoComplete: 'off', autoCapitalize: 'off', spellCheck: false, inputMode: KEYPAD.includes(measurement) ? 'decimal' : 'text' },
      }}
    />
  );
}

/** What is mostly typed as a bare number. */
export const KEYPAD: Measurement[] = ['MOISTURE', 'HUMIDITY', 'SHARE', 'ANGLE', 'COUNT', 'MASS', 'SECONDS', 'MINUTES', 'HOURS', 'DAYS', 'GRAIN_SLOPE'];

const KEPT_IN: Partial<Record<Measurement, string>> = { SECONDS: 's', MINUTES: 'min', HOURS: 'h', DAYS: 'days', ANGLE: '°', MASS: 'g' };

/** What was understood, in the unit it is kept in or the other one; nothing where that would only repeat what is typed. */
export function understood(measurement: Measurement, text: string, value: number | undefined): string {
  if (value === undefined) return '';
  if (measurement === 'TEMPERATURE') return `= ${printTemperature(value, /c\s*$/i.test(text) ? 'inch' : 'metric')}`;
  if (measurement === 'LENGTH') return /m\s*$/i.test(text) ? `≈ ${printInches(value)}` : `= ${printMillimetres(value)}`;
  if (/^[\d.,\s]*$/.test(text)) return '';
  const rounded = Number(value.toPrecision(4));
  if (measurement === 'GRAIN_SLOPE') return `= 1 in ${rounded}`;
  return KEPT_IN[measurement] ? `= ${rounded} ${KEPT_IN[measurement]}` : '';
}
