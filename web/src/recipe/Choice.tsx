import { FormControl, FormHelperText, FormLabel, ToggleButton, ToggleButtonGroup } from '@mui/material';
import { useId } from 'react';

interface ChoiceProps<T extends string> {
  label: string;
  options: Record<T, string>;
  value: T | undefined;
  onChange: (value: T) => void;
  problem?: string | undefined;
}

/** One of a few, all in sight, each a tap away. */
export function Choice<T extends string>({ label, options, value, onChange, problem }: ChoiceProps<T>) {
  const id = useId();
  return (
    <FormControl error={problem !== undefined} component="fieldset" sx={{ minWidth: 0 }}>
      <FormLabel id={id} component="legend" sx={{ fontSize: '0.85rem', mb: 0.5 }}>
        {label}
      </FormLabel>
      <ToggleButtonGroup
        exclusive
        value={value ?? null}
        aria-labelledby={id}
        size="small"
        onChange={(_, chosen: T | null) => {
          if (chosen) onChange(chosen);
        }}
        sx={{ flexWrap: 'wrap' }}
      >
        {(Object.keys(options) as T[]).map((option) => (
          <ToggleButton key={option} value={option}>
            {options[option]}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
      {problem && <FormHelperText>{problem}</FormHelperText>}
    </FormControl>
  );
}
