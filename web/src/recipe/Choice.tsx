import { Box, FormControl, FormHelperText, FormLabel, ToggleButton, ToggleButtonGroup } from '@mui/material';
import { useId } from 'react';
import { Help } from '../help/Help';
import type { TermName } from '../help/titles';

/** What is offered lies in one tray, so that a choice which breaks over two lines is still seen as one. */
export const TRAY = {
  flexWrap: 'wrap', gap: 0.25, p: 0.25, alignSelf: 'start', border: 1, borderColor: 'divider', borderRadius: 1, bgcolor: 'background.paper',
  '& .MuiToggleButton-root.MuiToggleButtonGroup-grouped': { border: 0, m: 0, borderRadius: 0.75 },
} as const;

interface ChoiceProps<T extends string> {
  label: string;
  options: Record<T, string>;
  value: T | undefined;
  onChange: (value: T) => void;
  problem?: string | undefined;
  /** What a beginner may not know. */
  help?: TermName;
}

/** One of a few, all in sight, each a tap away. */
export function Choice<T extends string>({ label, options, value, onChange, problem, help }: ChoiceProps<T>) {
  const id = useId();
  return (
    <FormControl error={problem !== undefined} component="div" sx={{ minWidth: 0, mb: 1 }}>
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 0.75, minHeight: 24, mb: 0.5 }}>
        <FormLabel id={id} component="span" sx={{ fontSize: '0.85rem', lineHeight: 1.3 }}>
          {label}
        </FormLabel>
        {help && <Help of={help} />}
      </Box>
      <ToggleButtonGroup
        exclusive
        value={value ?? null}
        aria-labelledby={id}
        size="small"
        onChange={(_, chosen: T | null) => {
          if (chosen) onChange(chosen);
        }}
        sx={TRAY}
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
