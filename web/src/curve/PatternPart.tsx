import { Box, Button, Typography } from '@mui/material';
import { useState } from 'react';
import { useDrawing, type AskedCurve } from '../api/curves';
import type { DrawingFields, FormWantedFields } from '../api/schema';
import { useOnceCurrent } from '../app/useOnceCurrent';
import { useUnits } from '../app/units';
import { HowComputed } from '../help/HowComputed';
import { Choice } from '../recipe/Choice';
import { BARE } from '../units/reading';
import { WHAT } from './words';

interface PatternPartProps {
  name: string;
  curve: AskedCurve | undefined;
  /** Whether that is not yet the curve that is drawn. */
  old: boolean;
  form: FormWantedFields | undefined;
}

const PAPER = { A4: 'A4', LETTER: 'Letter' } as const;
type Paper = keyof typeof PAPER;

/** The piece or its form at full size, on paper or for other programs. */
export function PatternPart({ name, curve, old, form }: PatternPartProps) {
  const [system] = useUnits();
  const [what, setWhat] = useState<DrawingFields['what']>('PIECE');
  const [paper, setPaper] = useState<Paper>(system === 'inch' ? 'LETTER' : 'A4');
  const { mutateAsync, error } = useDrawing();
  const ready = curve !== undefined && !old && (what !== 'FORM' || form !== undefined);
  const [waits, take] = useOnceCurrent<'pdf' | 'svg' | 'dxf'>(ready, (as) => mutateAsync({
    as, drawing: { ...(curve as AskedCurve), what, paper, units: BARE[system], name: name || 'Curve', ...(what === 'FORM' && form ? { form } : {}) },
  }));
  const button = (as: 'pdf' | 'svg' | 'dxf', label: string) => (
    <Button variant={as === 'pdf' ? 'contained' : 'outlined'} disabled={what === 'FORM' && form === undefined} loading={waits === as} onClick={() => { take(as); }}>{label}</Button>
  );
  return (
    <Box component="section" aria-label="Pattern at full size" sx={{ mt: 3 }}>
      <Typography variant="h2" sx={{ mb: 1 }}>Pattern at full size</Typography>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 3, alignItems: 'end' }}>
        <Choice label="Of" options={WHAT} value={what} onChange={setWhat} />
        <Choice label="Paper" options={PAPER} value={paper} onChange={setPaper} />
        <Box sx={{ display: 'flex', gap: 1, mb: 1 }}>
          {button('pdf', 'Print as PDF')}
          {button('svg', 'SVG')}
          {button('dxf', 'DXF')}
        </Box>
      </Box>
      <Typography role="alert" color="error" variant="body2" sx={{ minHeight: '1.5em' }}>{error?.message}</Typography>
      <Typography variant="body2" color="textSecondary">
        The pages overlap and are laid on one another at their crosses; on each stands a line of 100 mm to measure before anything is cut.
      </Typography>
      <HowComputed part="curves" />
    </Box>
  );
}
