import { Autocomplete } from '@mui/material';
import { Field } from '../../app/Field';

interface MeaningProps {
  label: string;
  options: string[];
  value: string;
  /** What is said where nothing is chosen. */
  unsaid: string;
  /** What is said beside that where nothing need be chosen. */
  hint?: string | undefined;
  /** Whether it was to be read so and could not: what was not asked yet is no mistake. */
  failed: boolean;
  onChange: (value: string) => void;
}

/** One of many, found by typing. */
export function Meaning({ label, options, value, unsaid, hint, failed, onChange }: MeaningProps) {
  return (
    <Autocomplete
      options={options}
      value={value === '' ? null : value}
      onChange={(_, chosen) => { onChange(chosen ?? ''); }}
      renderInput={(params) => <Field {...params} label={label} error={failed && value === '' && unsaid !== ''} helperText={value === '' ? unsaid || hint || ' ' : ' '} />}
    />
  );
}
