import { Alert, Box, Button, Typography } from '@mui/material';
import { useState } from 'react';
import { Problem } from '../api/client';
import { useRackWrites, useRig } from '../api/queries';
import type { DryingFields } from '../api/schema';
import { Field } from '../app/Field';
import { useStored } from '../app/storage';
import { useUnits } from '../app/units';
import { useFeltAir } from '../instruments/TakeAir';
import { TakeReading } from '../instruments/TakeReading';
import { Row } from '../recipe/fields';
import { SpeciesChoice } from '../recipe/SpeciesChoice';
import { today } from '../units/days';
import { exactTemperature } from '../units/exact';
import { MeasureField } from '../units/MeasureField';
import { typedIn, useReadings, type Measurement } from '../units/reading';
import { readWhole } from '../units/readOrThrow';

const DRAFT = 'brachion.hang';

const EMPTY = {
  name: '', speciesId: 'white-ash', thickness: '1/2"', width: '1"', shop: '64 °F', startedOn: '', moisture: '20', mass: '', humidity: '45',
};

const MEASURED = {
  thickness: 'LENGTH', width: 'LENGTH', moisture: 'MOISTURE', mass: 'MASS', shop: 'TEMPERATURE', humidity: 'HUMIDITY',
} as const satisfies Partial<Record<keyof typeof EMPTY, Measurement>>;

type Measured = keyof typeof MEASURED;

/** Sets a piece to dry. */
export function HangForm({ onHung }: { onHung: () => void }) {
  const [stored, setForm] = useStored<Partial<typeof EMPTY>>(DRAFT, {});
  const [system] = useUnits();
  const { data: kept } = useRig();
  const felt = useFeltAir();
  // it hangs in the shop unless somebody says otherwise, in the air a sensor felt there or else that of the rig
  const air = felt ?? (kept && { shop: exactTemperature(kept.rig.shopC ?? 18, system), humidity: `${kept.rig.shopHumidityPercent ?? 50} %` });
  const form = { ...EMPTY, ...air, ...stored };
  const [refusal, setRefusal] = useState<Error | null>(null);
  const { hang } = useRackWrites();
  const typed = typedIn(form, MEASURED);
  const readings = useReadings(typed, system);
  const problem = (field: string) =>
    refusal instanceof Problem ? refusal.errors.find((e) => e.field === field)?.message : undefined;
  const change = (part: Partial<typeof EMPTY>) => {
    setRefusal(null);
    setForm({ ...stored, ...part });
  };
  const measure = (field: Measured, label: string, on: string, hint?: string) => (
    <MeasureField label={label} measurement={MEASURED[field]} text={form[field]} reading={readings[field]} hint={hint}
      problem={readings[field].error ?? problem(on)} onChange={(text) => { change({ [field]: text }); }} />
  );
  const save = async () => {
    try {
      const read = await readWhole(typed, system);
      await hang.mutateAsync({
        name: form.name,
        speciesId: form.speciesId,
        thicknessMm: read.thickness.value,
        widthMm: read.width.value,
        startedOn: form.startedOn || today(),
        startMoisturePercent: read.moisture.value,
        startMassG: read.mass.value,
        shopC: read.shop.value,
        shopHumidityPercent: read.humidity.value,
      } as DryingFields);
      setForm({ ...stored, name: '', mass: '', startedOn: '' });
      onHung();
    } catch (error) {
      setRefusal(error as Error);
    }
  };
  return (
    <Box component="form" noValidate aria-label="Put on the rack" onSubmit={(event) => { event.preventDefault(); void save(); }}
      sx={{ display: 'grid', gap: 1, p: 2, mb: 2, bgcolor: 'background.paper', border: 1, borderColor: 'divider' }}>
      <Typography variant="h2">Put on the rack</Typography>
      <Row>
        <Field label="Name" value={form.name} error={problem('name') !== undefined} helperText={problem('name') ?? ' '}
          onChange={(event) => { change({ name: event.target.value }); }} />
        <SpeciesChoice speciesId={form.speciesId} problem={problem('speciesId')} onChange={(speciesId) => { change({ speciesId }); }} />
        {measure('thickness', 'Thickness', 'thicknessMm')}
        {measure('width', 'Width', 'widthMm')}
      </Row>
      <Row>
        {measure('moisture', 'Moisture at the start %', 'startMoisturePercent')}
        {measure('mass', 'Mass at the start, g', 'startMassG', 'Needed to weigh it later')}
        <Field label="Set to dry on" type="date" value={form.startedOn || today()} helperText={problem('startedOn') ?? ' '}
          onChange={(event) => { change({ startedOn: event.target.value }); }} />
        {measure('shop', 'Shop temperature', 'shopC')}
        {measure('humidity', 'Shop humidity %', 'shopHumidityPercent')}
      </Row>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, minHeight: 40 }}>
        <TakeReading kind="METER" onTake={(moisture) => { change({ moisture }); }} />
        <TakeReading kind="SCALE" onTake={(mass) => { change({ mass }); }} />
      </Box>
      {refusal && <Alert severity="error">{refusal.message}</Alert>}
      <Box>
        <Button type="submit" variant="contained" loading={hang.isPending}>Hang it</Button>
      </Box>
    </Box>
  );
}
