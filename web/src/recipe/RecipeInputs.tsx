import { Autocomplete, Box, TextField, Typography } from '@mui/material';
import type { ReactNode } from 'react';
import { useNames } from '../api/queries';
import { QuantityField } from '../units/QuantityField';
import { Choice } from './Choice';
import { SpeciesChoice } from './SpeciesChoice';
import { number, QUANTITIES, type FieldProblems, type QuantityField as Quantity, type Readings, type RecipeForm } from './form';
import { ADDITIVE, GLUE, GROWTH_RINGS, KNOTS, METHOD, OUTER_FACE, SEASONING, SUPPORT } from './words';

interface RecipeInputsProps {
  form: RecipeForm;
  readings: Readings;
  problems: FieldProblems;
  onChange: (change: Partial<RecipeForm>) => void;
}

/** Everything about the bend up to the moment it is let go, in the order of work. */
export function RecipeInputs(props: RecipeInputsProps) {
  const { form, problems, onChange } = props;
  const laminated = form.method === 'COLD_LAMINATION';
  return (
    <>
      <Step title="Piece">
        <SpeciesChoice speciesId={form.speciesId} problem={problems.speciesId}
          onChange={(speciesId) => { onChange({ speciesId }); }} />
        <Row>
          <Quantity {...props} field="thickness" label={laminated ? 'Ply thickness' : 'Thickness'} />
          <Quantity {...props} field="width" label="Width" />
        </Row>
        <Row>
          <Quantity {...props} field="radius" label="Inner radius" />
          <NumberField {...props} field="angle" label="Bend angle °" />
        </Row>
      </Step>
      <Step title="Method">
        <Choice label="How it is bent" options={METHOD} value={form.method}
          onChange={(method) => { onChange({ method }); }} />
        {laminated ? <LaminationInputs {...props} /> : <SteamInputs {...props} />}
      </Step>
      <Step title="Stock">
        <Row>
          <Choice label="Seasoning" options={SEASONING} value={form.seasoning}
            onChange={(seasoning) => { onChange({ seasoning }); }} />
          <NumberField {...props} field="moisture" label="Moisture %" hint="Empty if not measured" />
        </Row>
        <Choice label="Growth rings at the bend" options={GROWTH_RINGS} value={form.growthRings}
          onChange={(growthRings) => { onChange({ growthRings }); }} />
        <Row>
          <Choice label="Knots or wild grain" options={KNOTS} value={form.knots} problem={problems.knots}
            onChange={(knots) => { onChange({ knots }); }} />
          <NumberField {...props} field="grainRun" label="Grain slope, 1 in" hint="Empty if not looked at" />
        </Row>
        <Choice label="Outer face" options={OUTER_FACE} value={form.outerFace}
          onChange={(outerFace) => { onChange({ outerFace }); }} />
        <Row>
          <NameField {...props} field="board" label="Board" />
          <NameField {...props} field="source" label="Where from" />
          <NameField {...props} field="person" label="Bent by" />
        </Row>
      </Step>
    </>
  );
}

function SteamInputs(props: RecipeInputsProps) {
  const { form, onChange } = props;
  return (
    <>
      <Choice label="Support on the outer face" options={SUPPORT} value={form.support}
        onChange={(support) => { onChange({ support }); }} />
      {form.support !== 'NONE' && (
        <Row>
          <Quantity {...props} field="strapThickness" label="Strap thickness" />
          <Quantity {...props} field="endGap" label="Slack at the stops" />
        </Row>
      )}
      <Row>
        <NumberField {...props} field="soakHours" label="Soak, hours" />
        <NumberField {...props} field="steamMinutes" label="Steam, minutes" />
      </Row>
      <Row>
        <Quantity {...props} field="chamber" label="Chamber" />
        <NumberField {...props} field="carrySeconds" label="Carry, seconds" />
        <NumberField {...props} field="holdHours" label="On the form, hours" hint="Empty if not known" />
      </Row>
      {number(form.soakHours) !== 0 && (
        <Choice label="In the soak" options={ADDITIVE} value={form.soakAdditive}
          onChange={(soakAdditive) => { onChange({ soakAdditive }); }} />
      )}
      <Caution>
        Steam scalds: long gloves, eye protection, stand aside when opening. Never seal the chamber.
        {form.support !== 'NONE' && ' A strap under load stores energy: anchor the form, keep everyone out of line.'}
      </Caution>
    </>
  );
}

function LaminationInputs(props: RecipeInputsProps) {
  const { form, onChange } = props;
  return (
    <>
      <Row>
        <NumberField {...props} field="plies" label="Plies" />
      </Row>
      <Choice label="Glue" options={GLUE} value={form.glue} onChange={(glue) => { onChange({ glue }); }} />
      <Caution>
        Thin strips: zero-clearance insert and push sticks. Epoxy and polyurethane: gloves and fresh air.
      </Caution>
    </>
  );
}

function Quantity({ field, label, form, readings, problems, onChange }: RecipeInputsProps & { field: Quantity; label: string }) {
  return (
    <QuantityField label={label} kind={QUANTITIES[field]} text={form[field]} reading={readings[field]}
      problem={problems[field]} onChange={(text) => { onChange({ [field]: text }); }} />
  );
}

type NumberName = 'moisture' | 'grainRun' | 'angle' | 'soakHours' | 'steamMinutes' | 'carrySeconds' | 'holdHours' | 'plies';

function NumberField({ field, label, hint, form, problems, onChange }: RecipeInputsProps & { field: NumberName; label: string; hint?: string }) {
  return (
    <TextField label={label} value={form[field]} error={problems[field] !== undefined}
      helperText={problems[field] ?? hint ?? ' '}
      onChange={(event) => { onChange({ [field]: event.target.value }); }}
      slotProps={{ htmlInput: { inputMode: 'decimal', autoComplete: 'off' } }} />
  );
}

type Name = 'person' | 'board' | 'source';

/** A name as the shop says it; the ones it has used before are offered. */
function NameField({ field, label, form, problems, onChange }: RecipeInputsProps & { field: Name; label: string }) {
  const { data: names } = useNames();
  return (
    <Autocomplete
      freeSolo
      options={names?.[NAMED[field]] ?? []}
      inputValue={form[field]}
      onInputChange={(_, text) => { onChange({ [field]: text }); }}
      renderInput={(params) => (
        <TextField {...params} label={label} error={problems[field] !== undefined} helperText={problems[field] ?? ' '} />
      )}
    />
  );
}

const NAMED = { person: 'people', board: 'boards', source: 'sources' } as const;

export function Step({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box component="section" aria-label={title}
      sx={{ display: 'grid', gap: 1.25, pb: 2, mb: 2, borderBottom: 1, borderColor: 'divider', '& > *': { minWidth: 0 } }}>
      <Typography variant="h2">{title}</Typography>
      {children}
    </Box>
  );
}

export function Row({ children }: { children: ReactNode }) {
  return <Box sx={{ display: 'grid', gap: 1.25, gridTemplateColumns: 'repeat(auto-fit, minmax(118px, 1fr))' }}>{children}</Box>;
}

function Caution({ children }: { children: ReactNode }) {
  return (
    <Typography variant="body2" color="text.secondary" sx={{ borderLeft: 3, borderColor: 'data.flaw', pl: 1.25 }}>
      {children}
    </Typography>
  );
}
