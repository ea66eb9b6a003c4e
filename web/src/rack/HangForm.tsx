import { Alert, Box, Button, TextField, Typography } from '@mui/material';
import { useState } from 'react';
import { Problem } from '../api/client';
import { useRackWrites } from '../api/queries';
import { useStored } from '../app/storage';
import { useUnits } from '../app/units';
import { number } from '../recipe/form';
import { Row } from '../recipe/RecipeInputs';
import { SpeciesChoice } from '../recipe/SpeciesChoice';
import { today } from '../units/days';
import { QuantityField } from '../units/QuantityField';
import { useReadings } from '../units/reading';

const DRAFT = 'brachion.hang';

const EMPTY = {
  name: '', speciesId: 'white-ash', thickness: '1/2"', width: '1"', shop: '64 °F', startedOn: '', moisture: '20', mass: '', humidity: '45',
};

/** Sets a piece to dry. */
export function HangForm({ onHung }: { onHung: () => void }) {
  const [form, setForm] = useStored(DRAFT, EMPTY);
  const [system] = useUnits();
  const [refusal, setRefusal] = useState<Error | null>(null);
  const { hang } = useRackWrites();
  const readings = useReadings(
    [
      { kind: 'length', text: form.thickness },
      { kind: 'length', text: form.width },
      { kind: 'temperature', text: form.shop },
    ],
    system,
  );
  const [thickness = {}, width = {}, shop = {}] = readings;
  const problem = (field: string) =>
    refusal instanceof Problem ? refusal.errors.find((e) => e.field === field)?.message : undefined;
  const change = (part: Partial<typeof EMPTY>) => {
    setRefusal(null);
    setForm({ ...form, ...part });
  };
  const text = (field: 'name' | 'moisture' | 'mass' | 'humidity', label: string, on: string, hint = ' ') => (
    <TextField label={label} value={form[field]} error={problem(on) !== undefined} helperText={problem(on) ?? hint}
      onChange={(event) => { change({ [field]: event.target.value }); }} />
  );
  const save = async () => {
    try {
      if (readings.some((reading) => reading.error)) throw new Error('A length or the temperature cannot be read yet.');
      await hang.mutateAsync({
        name: form.name,
        speciesId: form.speciesId,
        thicknessMm: thickness.value as number,
        widthMm: width.value as number,
        startedOn: form.startedOn || today(),
        startMoisturePercent: number(form.moisture) as number,
        startMassG: number(form.mass),
        shopC: shop.value as number,
        shopHumidityPercent: number(form.humidity) as number,
      });
      setForm({ ...form, name: '', mass: '', startedOn: '' });
      onHung();
    } catch (error) {
      setRefusal(error as Error);
    }
  };
  return (
    <Box component="form" noValidate aria-label="Hang a piece" onSubmit={(event) => { event.preventDefault(); void save(); }}
      sx={{ display: 'grid', gap: 1, p: 2, mb: 2, bgcolor: 'background.paper', border: 1, borderColor: 'divider' }}>
      <Typography variant="h2">Hang a piece</Typography>
      <Row>
        {text('name', 'Name', 'name')}
        <SpeciesChoice speciesId={form.speciesId} problem={problem('speciesId')} onChange={(speciesId) => { change({ speciesId }); }} />
        <QuantityField label="Thickness" kind="length" text={form.thickness} reading={thickness}
          problem={thickness.error ?? problem('thicknessMm')} onChange={(thicknessText) => { change({ thickness: thicknessText }); }} />
        <QuantityField label="Width" kind="length" text={form.width} reading={width} problem={width.error ?? problem('widthMm')}
          onChange={(widthText) => { change({ width: widthText }); }} />
      </Row>
      <Row>
        {text('moisture', 'Moisture at the start %', 'startMoisturePercent')}
        {text('mass', 'Mass at the start, g', 'startMassG', 'Needed to weigh it later')}
        <TextField label="Set to dry on" type="date" value={form.startedOn || today()} helperText={problem('startedOn') ?? ' '}
          onChange={(event) => { change({ startedOn: event.target.value }); }} slotProps={{ inputLabel: { shrink: true } }} />
        <QuantityField label="Shop temperature" kind="temperature" text={form.shop} reading={shop} problem={shop.error ?? problem('shopC')}
          onChange={(shopText) => { change({ shop: shopText }); }} />
        {text('humidity', 'Shop humidity %', 'shopHumidityPercent')}
      </Row>
      {refusal && <Alert severity="error">{refusal.message}</Alert>}
      <Box>
        <Button type="submit" variant="contained" loading={hang.isPending}>Hang it</Button>
      </Box>
    </Box>
  );
}
