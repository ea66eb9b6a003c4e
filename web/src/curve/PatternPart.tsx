import { Box, Button, Typography } from '@mui/material';
import { useState } from 'react';
import { useDrawing, type AskedCurve } from '../api/curves';
import type { DrawingFields, FormWantedFields } from '../api/schema';
import { useUnits } from '../app/units';
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

/** The piece or its form at full size, on paper or for other programs. */
export function PatternPart({ name, curve, old, form }: PatternPartProps) {
  const [system] = useUnits();
  const [what, setWhat] = useState<DrawingFields['what']>('PIECE');
  const [paper, setPaper] = useState<DrawingFields['paper']>(system === 'inch' ? 'LETTER' : 'A4');
  const { mutate, isPending, variables, error } = useDrawing();
  const ready = curve !== undefined && !old && (what !== 'FORM' || form !== undefined);
  const take = (as: 'pdf' | 'svg' | 'dxf') => {
    if (curve) mutate({ as, drawing: { ...curve, what, paper, units: BARE[system], name: name || 'Curve', ...(what === 'FORM' && form ? { form } : {}) } });
  };
  const button = (as: 'pdf' | 'svg' | 'dxf', label: string) => (
    <Button variant={as === 'pdf' ? 'contained' : 'outlined'} disabled={!ready} loading={isPending && variables.as === as} onClick={() => { take(as); }}>{label}</Button>
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
      <Typography variant="body2" color="text.secondary">
        The pages overlap and are laid on one another at their crosses; on each stands a line of 100 mm to measure before anything is cut.
      </Typography>
    </Box>
  );
}
