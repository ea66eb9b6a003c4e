import { Box, Typography } from '@mui/material';
import { useCurveForm, type AskedCurve } from '../api/curves';
import type { FormReading, FormWantedFields } from '../api/schema';
import { Dimmed } from '../app/Dimmed';
import { Field } from '../app/Field';
import { useUnits } from '../app/units';
import { HowComputed } from '../help/HowComputed';
import { Choice } from '../recipe/Choice';
import { MeasureField } from '../units/MeasureField';
import { printLength } from '../units/printing';
import { FormDrawing, SheetDrawing } from './FormDrawing';
import type { FormEntry } from './formDraft';
import { about, cutList, FORM } from './words';

interface FormPartProps {
  curve: AskedCurve | undefined;
  old: boolean;
  entry: FormEntry;
  wanted: FormWantedFields | undefined;
}

/** What the piece is bent on: chosen, drawn with its holes, and what is cut for it. */
export function FormPart({ curve, old, entry, wanted }: FormPartProps) {
  const { data, error, isPlaceholderData } = useCurveForm(curve, wanted);
  const { form, change, readings } = entry;
  const field = (name: 'sheetThickness' | 'sheetLength' | 'sheetWidth' | 'clampReach' | 'clampHole' | 'spacing' | 'peg', label: string, hint?: string) => (
    <MeasureField label={label} measurement="LENGTH" text={form[name]} reading={readings[name]} problem={readings[name].error} hint={hint} onChange={(text) => { change({ ...form, [name]: text }); }} />
  );
  const pegs = form.kind === 'PEG_BOARD';
  const clamped = form.kind === 'ONE_SIDED' || form.kind === 'PRESS';
  return (
    <Box component="section" aria-label="The form" sx={{ mt: 3 }}>
      <Typography variant="h2" sx={{ mb: 1 }}>The form</Typography>
      <Box sx={{ display: 'grid', gap: 3, gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: '300px minmax(0, 1fr)' }, alignItems: 'start' }}>
        <Box sx={{ display: 'grid', columnGap: 1.5, rowGap: 0.5, gridTemplateColumns: '1fr 1fr', '& > div:first-of-type': { gridColumn: '1 / -1' } }}>
          <Choice label="Kind" options={FORM} value={form.kind} onChange={(kind) => { change({ ...form, kind }); }} />
          {field('sheetThickness', 'Sheet goods, thick')}
          {clamped && field('clampReach', 'Clamps open')}
          {field('sheetLength', 'Sheet, long')}
          {field('sheetWidth', 'Sheet, wide')}
          {field('spacing', EVERY[form.kind])}
          {(clamped || pegs) && field('peg', pegs ? 'Pegs, thick' : 'Pins, thick')}
          {form.kind === 'ONE_SIDED' && field('clampHole', 'Clamp holes', 'none: cut back')}
          <Field label="A sheet costs" value={form.price} error={entry.priceProblem !== undefined} helperText={entry.priceProblem ?? ' '} onChange={(event) => { change({ ...form, price: event.target.value }); }}
            slotProps={{ htmlInput: { inputMode: 'decimal', autoComplete: 'off' } }} />
        </Box>
        <Box sx={{ minHeight: 420 }}>
          {error ? <Typography role="alert" color="error">{error.message}</Typography> : (
            <Dimmed old={old || isPlaceholderData || !wanted}>{data && wanted && <Made form={data} thicknessMm={wanted.sheetThicknessMm} lengthMm={wanted.sheetLengthMm} widthMm={wanted.sheetWidthMm} />}</Dimmed>
          )}
        </Box>
      </Box>
      <Box sx={{ mt: 1 }}><HowComputed part="curves" /></Box>
      <Typography variant="body2" color="text.secondary" sx={{ mt: 0.5 }}>
        Springback is taken out of the edge. Put wax, tape or polythene where glue comes.
      </Typography>
    </Box>
  );
}

/** What stands, or is set, so far apart. */
const EVERY: Record<FormWantedFields['kind'], string> = { ONE_SIDED: 'A clamp every', PRESS: 'A clamp every', RIBS: 'A rib every', BLOCKS: 'A block every', PEG_BOARD: 'A peg every' };

interface MadeProps {
  form: FormReading;
  thicknessMm: number;
  lengthMm: number;
  widthMm: number;
}

/** The form drawn, its cut list, and how it lies on sheets. */
function Made({ form, thicknessMm, lengthMm, widthMm }: MadeProps) {
  const [system] = useUnits();
  return (
    <>
      <FormDrawing form={form} />
      <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' }, mt: 1.5, alignItems: 'start' }}>
        <Box>
          {cutList(form, thicknessMm, system).map((line) => <Typography key={line}>{line}</Typography>)}
          <Typography sx={{ mt: 0.5 }}>
            {form.sheets === 1 ? '1 sheet' : `${form.sheets} sheets`} of {printLength(lengthMm, system)} × {printLength(widthMm, system)}{form.cost > 0 ? `, ${Number(form.cost.toFixed(2))} in all` : ''}
          </Typography>
          {form.runOutMm > 0 && <Typography variant="body2">Its edge goes on straight for {about(form.runOutMm, system)} at each end of the piece.</Typography>}
          <Typography color="text.secondary" variant="body2">About {form.hours < 9.5 ? form.hours.toFixed(1) : Math.round(form.hours)} hours to cut, drill and glue up. Laid by rectangles round the parts; by hand they nest closer.</Typography>
        </Box>
        <SheetDrawing form={form} lengthMm={lengthMm} widthMm={widthMm} />
      </Box>
    </>
  );
}
