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
  onChange: (value: string) => void;
}

/** One of many, found by typing. */
export function Meaning({ label, options, value, unsaid, hint, onChange }: MeaningProps) {
  return (
    <Autocomplete
      options={options}
      value={value === '' ? null : value}
      onChange={(_, chosen) => { onChange(chosen ?? ''); }}
      renderInput={(params) => <Field {...params} label={label} error={value === '' && unsaid !== ''} helperText={value === '' ? unsaid || hint || ' ' : ' '} />}
    />
  );
}
