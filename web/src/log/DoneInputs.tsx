import { Box, Typography } from '@mui/material';
import { Field } from '../app/Field';
import { methodOf } from '../methods/forms';
import { Row } from '../recipe/fields';
import type { RecipeForm } from '../recipe/form';
import { MeasureField } from '../units/MeasureField';
import type { Reading } from '../units/reading';
import { processOf, stagesOf, type DoneProblems } from './done';
import type { DoneForm } from './draft';

interface DoneInputsProps {
  plan: RecipeForm;
  done: DoneForm;
  readings: Record<string, Reading>;
  problems: DoneProblems;
  onChange: (change: Partial<DoneForm>) => void;
}

/** Where the process went otherwise than planned. Folded away, because mostly it did not. */
export function DoneInputs({ plan, done, readings, problems, onChange }: DoneInputsProps) {
  const planned = methodOf(plan).stages(plan);
  const heat = methodOf(plan).heat ?? '';
  const filled = Object.values(done).some((text) => text !== '');
  return (
    <Box component="details" open={filled || undefined} sx={{ pb: 2, mb: 2, borderBottom: 1, borderColor: 'divider' }}>
      <Typography component="summary" sx={{ cursor: 'pointer', fontWeight: 600, py: 0.5 }}>
        It went otherwise than planned, or the {heat} was written down
      </Typography>
      <Box sx={{ display: 'grid', gap: 1, pt: 1 }}>
        <Row>
          {stagesOf(processOf(plan)).map(({ field, kind, label, measurement }) => {
            const text = planned.find((stage) => stage.kind === kind)?.field;
            return (
            <MeasureField key={field} label={label} measurement={measurement} text={done[field]} reading={readings[field] ?? {}}
              problem={problems[field]} hint={text && plan[text] ? `planned ${plan[text]}` : undefined}
              onChange={(typed) => { onChange({ [field]: typed }); }} />
            );
          })}
        </Row>
        <Field label={`${heat.charAt(0).toUpperCase()}${heat.slice(1)}, minutes and temperature, one reading a line`} value={done.chamber} multiline rows={3}
          error={problems.chamber !== undefined} helperText={problems.chamber ?? 'Used instead of the one temperature above'}
          onChange={(event) => { onChange({ chamber: event.target.value }); }} />
      </Box>
    </Box>
  );
}
