import { Autocomplete, Box, TextField, Typography } from '@mui/material';
import type { ReactNode } from 'react';
import { useNames } from '../api/queries';
import type { RecipeFields } from '../api/schema';
import { useUnits } from '../app/units';
import type { TermName } from '../help/terms';
import { MeasureField } from '../units/MeasureField';
import { printLength } from '../units/printing';
import { Choice } from './Choice';
import { SpeciesChoice } from './SpeciesChoice';
import { measurementOf, type FieldProblems, type Measured, type Readings, type RecipeForm } from './form';
import { ADDITIVE, GLUE, GROWTH_RINGS, KNOTS, METHOD, OUTER_FACE, SEASONING, SUPPORT } from './words';

interface RecipeInputsProps {
  form: RecipeForm;
  readings: Readings;
  problems: FieldProblems;
  /** The recipe as it was last understood. */
  understood: RecipeFields | undefined;
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
          <Measure {...props} field="thickness" label={laminated ? 'Finished thickness' : 'Thickness'} />
          <Measure {...props} field="width" label="Width" />
        </Row>
        <Row>
          <Measure {...props} field="radius" label="Inner radius" />
          <Measure {...props} field="angle" label="Bend angle °" />
        </Row>
      </Step>
      <Step title="Method">
        <Choice label="How it is bent" options={METHOD} value={form.method}
          onChange={(method) => { onChange({ method }); }} />
        {laminated ? <LaminationInputs {...props} /> : <SteamInputs {...props} />}
      </Step>
      <Step title="Stock">
        <Choice label="Seasoning" help="seasoning" options={SEASONING} value={form.seasoning}
          onChange={(seasoning) => { onChange({ seasoning }); }} />
        <Choice label="Growth rings at the bend" help="rings" options={GROWTH_RINGS} value={form.growthRings}
          onChange={(growthRings) => { onChange({ growthRings }); }} />
        <Row>
          <Measure {...props} field="moisture" label="Moisture %" hint="Empty if not measured" />
          <Measure {...props} field="grainRun" label="Grain slope, 1 in" help="grainSlope" hint="Empty if not looked at" />
        </Row>
        <Choice label="Knots or wild grain" options={KNOTS} value={form.knots} problem={problems.knots}
          onChange={(knots) => { onChange({ knots }); }} />
        <Choice label="Outer face" help="outerFace" options={OUTER_FACE} value={form.outerFace}
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
  const soaked = !/^[0.,\s]*$/.test(form.soakHours);
  return (
    <>
      <Choice label="Support on the outer face" help="support" options={SUPPORT} value={form.support}
        onChange={(support) => { onChange({ support }); }} />
      {form.support !== 'NONE' && (
        <Row>
          <Measure {...props} field="strapThickness" label="Strap thickness" />
          <Measure {...props} field="endGap" label="Slack at the stops" help="slack" />
        </Row>
      )}
      <Row>
        <Measure {...props} field="soakHours" label="Soak, hours" />
        <Measure {...props} field="steamMinutes" label="Steam, minutes" />
      </Row>
      {soaked && (
        <Choice label="Soaked in" options={ADDITIVE} value={form.soakAdditive}
          onChange={(soakAdditive) => { onChange({ soakAdditive }); }} />
      )}
      <Row>
        <Measure {...props} field="chamber" label="Chamber temperature" />
        <Measure {...props} field="carrySeconds" label="Carry, seconds" help="carry" />
      </Row>
      <Measure {...props} field="holdHours" label="On the form, hours" help="hold" hint="Empty if nobody wrote it down" />
      <Caution>
        Steam scalds: long gloves, eye protection, stand aside when opening. Never seal the chamber.
        {form.support !== 'NONE' && ' A strap under load stores energy: anchor the form, keep everyone out of line.'}
      </Caution>
    </>
  );
}

function LaminationInputs(props: RecipeInputsProps) {
  const { form, understood, onChange } = props;
  const [system] = useUnits();
  const layup = understood?.lamination && {
    plies: `${understood.lamination.plies} plies`,
    ply: printLength(understood.blank.thicknessMm, system),
  };
  return (
    <>
      <Row>
        <Measure {...props} field="plies" label="Plies" help="plies" hint={layup && form.plies === '' ? layup.plies : undefined}
          onChange={({ plies = '' }) => { onChange({ plies, plyThickness: '' }); }} />
        <Measure {...props} field="plyThickness" label="Or each ply" hint={layup && form.plyThickness === '' ? `${layup.ply} each` : undefined}
          onChange={({ plyThickness = '' }) => { onChange({ plyThickness, plies: '' }); }} />
      </Row>
      <Choice label="Glue" options={GLUE} value={form.glue} onChange={(glue) => { onChange({ glue }); }} />
      <Caution>
        Thin strips: zero-clearance insert and push sticks. Epoxy and polyurethane: gloves and fresh air.
      </Caution>
    </>
  );
}

function Measure({ field, label, hint, help, form, readings, problems, onChange }: RecipeInputsProps & { field: Measured; label: string; hint?: string | undefined; help?: TermName }) {
  return (
    <MeasureField label={label} measurement={measurementOf(field)} text={form[field]} reading={readings[field] ?? {}} hint={hint} help={help}
      problem={problems[field]} onChange={(text) => { onChange({ [field]: text }); }} />
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
      sx={{ display: 'grid', gap: 1.25, pb: 1.5, mb: 2, borderBottom: 1, borderColor: 'divider', '& > *': { minWidth: 0 } }}>
      <Typography variant="h2" sx={{ mb: 0.5 }}>{title}</Typography>
      {children}
    </Box>
  );
}

export function Row({ children }: { children: ReactNode }) {
  return <Box sx={{ display: 'grid', columnGap: 1.25, rowGap: 1.25, gridTemplateColumns: 'repeat(auto-fit, minmax(118px, 1fr))' }}>{children}</Box>;
}

function Caution({ children }: { children: ReactNode }) {
  return (
    <Typography variant="body2" color="text.secondary" sx={{ borderLeft: 3, borderColor: 'data.flaw', pl: 1.25 }}>
      {children}
    </Typography>
  );
}
