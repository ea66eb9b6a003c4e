import { Alert, Box, Button } from '@mui/material';
import { useState } from 'react';
import { Problem } from '../api/client';
import type { BoardFields } from '../api/schema';
import { Field } from '../app/Field';
import { useUnits } from '../app/units';
import type { TermName } from '../help/titles';
import { Choice } from '../recipe/Choice';
import { Row } from '../recipe/fields';
import { SpeciesChoice } from '../recipe/SpeciesChoice';
import { GROWTH_RINGS, SEASONING } from '../recipe/options';
import { MeasureField } from '../units/MeasureField';
import { typedIn, useReadings } from '../units/reading';
import { readWhole } from '../units/readOrThrow';
import { boardOf, MEASURED, STANDS_AT, type BoardForm, type MeasuredOfBoard } from './draft';

interface BoardInputsProps {
  form: BoardForm;
  onChange: (form: BoardForm) => void;
  /** What lies on it already. */
  on: Pick<BoardFields, 'marks' | 'readings' | 'blanks'>;
  /** What is done with the board once it is read; what it throws is said here. */
  onKeep: (board: BoardFields) => Promise<unknown>;
  keep: string;
  onLeave: () => void;
}

/** What a board is: wood, size, grain, where it lies. */
export function BoardInputs({ form, onChange, on, onKeep, keep, onLeave }: BoardInputsProps) {
  const [system] = useUnits();
  const [refusal, setRefusal] = useState<Error>();
  const [keeping, setKeeping] = useState(false);
  const typed = typedIn(form, MEASURED);
  const readings = useReadings(typed, system);
  const problem = (field: string) => (refusal instanceof Problem ? refusal.errors.find((each) => each.field === field)?.message : undefined);
  const change = (part: Partial<BoardForm>) => {
    setRefusal(undefined);
    onChange({ ...form, ...part });
  };
  const save = async () => {
    setKeeping(true);
    try {
      const read = await readWhole(typed, system);
      await onKeep(boardOf(form, read, on));
    } catch (error) {
      setRefusal(error as Error);
    } finally {
      setKeeping(false);
    }
  };
  const measure = (field: MeasuredOfBoard, label: string, hint?: string, help?: TermName) => (
    <MeasureField label={label} measurement={MEASURED[field]} text={form[field]} reading={readings[field]} hint={hint} help={help}
      problem={readings[field].error ?? problem(STANDS_AT[field])} onChange={(text) => { change({ [field]: text }); }} />
  );
  const words = (field: 'name' | 'source' | 'place' | 'price' | 'note', label: string) => (
    <Field label={label} value={form[field]} error={problem(field) !== undefined} helperText={problem(field) ?? ' '}
      onChange={(event) => { change({ [field]: event.target.value }); }} slotProps={{ htmlInput: { autoComplete: 'off' } }} />
  );
  return (
    <Box component="form" noValidate aria-label="The board" onSubmit={(event: React.FormEvent) => { event.preventDefault(); void save(); }}
      sx={{ display: 'grid', gap: 1, p: 2, mb: 2, bgcolor: 'background.paper', border: 1, borderColor: 'divider' }}>
      <Row>
        {words('name', 'Name of the board')}
        <SpeciesChoice speciesId={form.speciesId} problem={problem('speciesId')} onChange={(speciesId) => { change({ speciesId }); }} />
      </Row>
      <Row>
        {measure('length', 'Length')}
        {measure('width', 'Width')}
        {measure('thickness', 'Thickness')}
        {measure('grainRun', 'Grain slope, 1 in', 'Empty if not looked at', 'grainSlope')}
        {measure('kerf', "Saw's cut")}
      </Row>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 4 }}>
        <Choice label="Seasoning" help="seasoning" options={SEASONING} value={form.seasoning} onChange={(seasoning) => { change({ seasoning }); }} />
        <Choice label="Growth rings in a piece cut from it" help="rings" options={GROWTH_RINGS} value={form.growthRings} onChange={(growthRings) => { change({ growthRings }); }} />
      </Box>
      <Row>
        {words('source', 'Where from')}
        {words('place', 'Where it lies')}
        {words('price', 'Price')}
        {words('note', 'Note')}
      </Row>
      {refusal && <Alert severity="error">{refusal.message}</Alert>}
      <Box sx={{ display: 'flex', gap: 1 }}>
        <Button type="submit" variant="contained" loading={keeping}>{keep}</Button>
        <Button onClick={onLeave}>Cancel</Button>
      </Box>
    </Box>
  );
}
