import { TextField } from '@mui/material';
import { number } from '../recipe/form';
import { Row, Step } from '../recipe/RecipeInputs';
import { QuantityField } from '../units/QuantityField';
import type { Reading } from '../units/reading';
import type { WishForm } from './draft';

interface WishInputsProps {
  form: WishForm;
  /** Radius, thickness and width first. */
  readings: Reading[];
  onChange: (change: Partial<WishForm>) => void;
}

/** The curve and the finished section. */
export function WishInputs({ form, readings, onChange }: WishInputsProps) {
  const length = (field: 'radius' | 'thickness' | 'width', label: string, reading: Reading | undefined) => (
    <QuantityField label={label} kind="length" text={form[field]} reading={reading ?? {}} problem={reading?.error}
      onChange={(text) => { onChange({ [field]: text }); }} />
  );
  return (
    <Step title="The bend you need">
      <Row>
        {length('radius', 'Inner radius', readings[0])}
        <TextField label="Bend angle °" value={form.angle} error={number(form.angle) === undefined} helperText=" "
          onChange={(event) => { onChange({ angle: event.target.value }); }} slotProps={{ htmlInput: { inputMode: 'decimal' } }} />
      </Row>
      <Row>
        {length('thickness', 'Finished thickness', readings[1])}
        {length('width', 'Width', readings[2])}
      </Row>
    </Step>
  );
}
