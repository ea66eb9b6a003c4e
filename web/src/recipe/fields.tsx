import { Box, Typography } from '@mui/material';
import type { ReactNode } from 'react';
import type { RecipeFields } from '../api/schema';
import { MeasureField } from '../units/MeasureField';
import { Choice } from './Choice';
import { CHOICES, type Chosen } from './choices';
import { HELP, hintOf, labelOf } from './labels';
import { placesOf, type FieldProblems, type Measured, type Readings, type RecipeForm } from './form';

export interface RecipeInputsProps {
  form: RecipeForm;
  readings: Readings;
  problems: FieldProblems;
  /** The recipe as it was last understood. */
  understood: RecipeFields | undefined;
  onChange: (change: Partial<RecipeForm>) => void;
}

interface MeasureProps extends RecipeInputsProps {
  field: Measured;
  /** What is said below while nothing is typed, where it is not always the same. */
  hint?: string | undefined;
}

/** A measurement of the recipe, read as its place in the recipe says. */
export function Measure({ field, hint, form, readings, problems, onChange }: MeasureProps) {
  const place = placesOf(form)[field];
  if (!place) return null;
  return (
    <MeasureField label={labelOf(field, form)} measurement={place.measurement} text={form[field]} reading={readings[field] ?? {}} hint={hint ?? hintOf(field)}
      help={HELP[field]} problem={problems[field]} onChange={(text) => { onChange({ [field]: text }); }} />
  );
}

/** One of a few words of the recipe. */
export function Pick({ field, form, problems, onChange }: RecipeInputsProps & { field: Chosen }) {
  return (
    <Choice label={labelOf(field, form)} help={HELP[field]} options={CHOICES[field] as Record<string, string>} value={form[field]} problem={problems[field]}
      onChange={(option) => { onChange({ [field]: option }); }} />
  );
}

export function Step({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box component="section" aria-label={title}
      sx={{ display: 'grid', gap: 1.25, pb: 1.5, mb: 2, borderBottom: 1, borderColor: 'divider', '& > *': { minWidth: 0 } }}>
      <Typography variant="h2" sx={{ mb: 0.5 }}>{title}</Typography>
      {children}
    </Box>
  );
}

export function Row({ children }: { children: ReactNode }) {
  return <Box sx={{ display: 'grid', columnGap: 1.25, rowGap: 1.25, gridTemplateColumns: 'repeat(auto-fit, minmax(118px, 1fr))' }}>{children}</Box>;
}

/** What can hurt, where it can. */
export function Caution({ children }: { children: ReactNode }) {
  return (
    <Typography variant="body2" color="textSecondary" sx={{ borderLeft: 3, borderColor: 'data.flaw', pl: 1.25 }}>
      {children}
    </Typography>
  );
}
