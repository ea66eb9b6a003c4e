import { Alert, Box, Button, Dialog, DialogActions, DialogContent, DialogTitle, Typography } from '@mui/material';
import { useState } from 'react';
import { Problem } from '../api/client';
import type { WoodView } from '../api/schema';
import { useWoodWrites } from '../api/woods';
import { Field } from '../app/Field';
import { useOnPhone } from '../app/phone';
import { useUnits } from '../app/units';
import { Choice } from '../recipe/Choice';
import { Row } from '../recipe/fields';
import { MeasureField } from '../units/MeasureField';
import { useReadings } from '../units/reading';
import { asked, EMPTY_WOOD, typingProblems, woodFields, woodForm, woodProblems, type WoodForm, type WoodProblems } from './draft';
import { unitOf } from './figures';
import { CLASS_HINT, isPlywood, WEIGHT, WOOD_CLASS } from './words';

interface WoodDialogProps {
  /** The wood to change; a new one without it. */
  wood?: WoodView;
  /** What a new wood is called. */
  name?: string;
  onClose: () => void;
  onKept: (wood: WoodView) => void;
}

/** A wood of the shop's own: what it is, what it weighs, and whatever else is known of it. */
export function WoodDialog({ wood, name = '', onClose, onKept }: WoodDialogProps) {
  const [system] = useUnits();
  const [form, setForm] = useState<WoodForm>(() => (wood ? woodForm(wood, system) : { ...EMPTY_WOOD, commonName: name }));
  const [refused, setRefused] = useState<WoodProblems>({});
  const [failure, setFailure] = useState<string>();
  const { keep } = useWoodWrites();
  const known = asked(form);
  const steamed = !isPlywood(form);
  const readings = useReadings({ bare: { measurement: 'LENGTH', text: known.bare }, strapped: { measurement: 'LENGTH', text: known.strapped } }, system);
  // a radius that is still being read must not be left out of what is kept
  const unread = (['bare', 'strapped'] as const).some((field) =>
    known[field].trim() !== '' && readings[field].value === undefined && readings[field].error === undefined);
  const change = (part: Partial<WoodForm>) => {
    setRefused({});
    setFailure(undefined);
    setForm({ ...form, ...part });
  };
  const save = async () => {
    const problems = typingProblems(known, readings);
    if (Object.keys(problems).length > 0) {
      setRefused(problems);
      return;
    }
    try {
      onKept(await keep.mutateAsync({ wood, fields: woodFields(known, readings, system) }));
    } catch (error) {
      const named = error instanceof Problem ? woodProblems(error.errors) : {};
      setRefused(named);
      if (Object.keys(named).length === 0) setFailure((error as Error).message);
    }
  };
  const text = (field: keyof WoodForm, label: string, hint = ' ') => (
    <Field label={label} value={form[field] ?? ''} error={refused[field] !== undefined} helperText={refused[field] ?? hint}
      onChange={(event) => { change({ [field]: event.target.value }); }} slotProps={{ htmlInput: { autoComplete: 'off' } }} />
  );
  const radius = (field: 'bare' | 'strapped', label: string) => (
    <MeasureField label={label} measurement="LENGTH" text={form[field]} reading={readings[field]}
      problem={refused[field]} onChange={(typed) => { change({ [field]: typed }); }} />
  );
  return (
    <Dialog open fullWidth maxWidth="sm" fullScreen={useOnPhone()} onClose={onClose} aria-labelledby="wood-title">
      <Box component="form" noValidate onSubmit={(event) => { event.preventDefault(); event.stopPropagation(); void save(); }}
        sx={{ display: 'flex', flexDirection: 'column', minHeight: 0 }}>
        <DialogTitle id="wood-title">{wood ? wood.known.commonName : 'A wood of your own'}</DialogTitle>
        <DialogContent sx={{ display: 'grid', gap: 1 }}>
          <Row>
            <Box sx={{ pt: 1, display: 'grid' }}>{text('commonName', 'Name at the yard')}</Box>
            <Box sx={{ pt: 1, display: 'grid' }}>{text('latinName', 'Botanical name', 'If you know it')}</Box>
          </Row>
          <Choice label="Kind of wood" options={WOOD_CLASS} value={form.woodClass} problem={refused.woodClass}
            onChange={(woodClass) => { change({ woodClass }); }} />
          <Typography variant="body2" color="textSecondary" sx={{ minHeight: '1.5em' }}>{form.woodClass && CLASS_HINT[form.woodClass]}</Typography>
          <Row>
            <Choice label="Known by" options={WEIGHT} value={form.weightAs} onChange={(weightAs) => { change({ weightAs }); }} />
            {form.weightAs === 'density'
              ? text('weight', `Weight, ${unitOf('density', system)}`, 'Of air-dry stock: a board’s weight over its volume')
              : text('weight', 'Basic specific gravity', 'Oven-dry weight over green volume')}
          </Row>
          <Typography variant="h2" sx={{ mt: 1 }}>Whatever else is known</Typography>
          <Typography variant="body2" color="textSecondary">
            What you leave empty is estimated from weight and kind, and shown as estimated. {steamed && 'Radii are the smallest of good steamed stock 1″ (25 mm) thick. '}Strengths are those of dry stock.
          </Typography>
          {steamed && (
            <Row>
              {radius('bare', 'Radius, no strap')}
              {radius('strapped', 'Radius, strap')}
              {text('unbroken', 'Unbroken, %', 'In a bending test')}
            </Row>
          )}
          <Row>
            {text('strength', `Bending, ${unitOf('strength', system)}`)}
            {text('stiffness', `Stiffness, ${unitOf('stiffness', system)}`)}
            {text('crushing', `Crushing, ${unitOf('strength', system)}`)}
          </Row>
          {text('source', 'Where the figures come from', 'A book and table, or your own bends')}
          {failure && <Alert severity="error">{failure}</Alert>}
        </DialogContent>
        <DialogActions>
          <Button onClick={onClose}>Cancel</Button>
          <Button type="submit" variant="contained" disabled={unread} loading={keep.isPending}>Save this wood</Button>
        </DialogActions>
      </Box>
    </Dialog>
  );
}
