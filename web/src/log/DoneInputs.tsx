import { Box, TextField, Typography } from '@mui/material';
import { Row } from '../recipe/RecipeInputs';
import type { RecipeForm } from '../recipe/form';
import { STAGES, type DoneProblems } from './done';
import type { DoneForm } from './draft';

interface DoneInputsProps {
  plan: RecipeForm;
  done: DoneForm;
  problems: DoneProblems;
  onChange: (change: Partial<DoneForm>) => void;
}

/** Where the process went otherwise than planned. Folded away, because mostly it did not. */
export function DoneInputs({ plan, done, problems, onChange }: DoneInputsProps) {
  const planned: Partial<Record<keyof DoneForm, string>> = {
    soakHours: plan.soakHours, steamMinutes: plan.steamMinutes, carrySeconds: plan.carrySeconds, formHours: plan.holdHours,
  };
  const filled = Object.values(done).some((text) => text !== '');
  return (
    <Box component="details" open={filled || undefined} sx={{ pb: 2, mb: 2, borderBottom: 1, borderColor: 'divider' }}>
      <Typography component="summary" sx={{ cursor: 'pointer', fontWeight: 600, py: 0.5 }}>
        It went otherwise than planned, or the chamber was written down
      </Typography>
      <Box sx={{ display: 'grid', gap: 1, pt: 1 }}>
        <Row>
          {STAGES.map(({ field, label }) => (
            <TextField key={field} label={label} value={done[field]} error={problems[field] !== undefined}
              helperText={problems[field] ?? (planned[field] ? `planned ${planned[field]}` : ' ')}
              onChange={(event) => { onChange({ [field]: event.target.value }); }}
              slotProps={{ htmlInput: { inputMode: 'decimal', autoComplete: 'off' } }} />
          ))}
        </Row>
        <TextField label="Chamber, minutes and temperature, one reading a line" value={done.chamber} multiline minRows={2}
          error={problems.chamber !== undefined} helperText={problems.chamber ?? 'Used instead of the one temperature above'}
          onChange={(event) => { onChange({ chamber: event.target.value }); }} />
      </Box>
    </Box>
  );
}
