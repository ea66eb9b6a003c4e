import { Box, Button, Typography } from '@mui/material';
import { useCurveForm, type AskedCurve } from '../api/curves';
import type { FormReading, FormWantedFields } from '../api/schema';
import { useThings, useThingWrites } from '../api/things';
import { Dimmed } from '../app/Dimmed';
import { Field } from '../app/Field';
import { useNotice } from '../app/notice';
import { useUnits } from '../app/units';
import { HowComputed } from '../help/HowComputed';
import { TakeSheet } from '../paper/TakeSheet';
import { Choice } from '../recipe/Choice';
import { exactLength } from '../units/exact';
import { MeasureField } from '../units/MeasureField';
import { FormDrawing, SheetDrawing } from './FormDrawing';
import type { FormEntry } from './formDraft';
import { about, cutList, FORM, FORM_CAUTION, formAsThing, pegRows, sheetsInWords, usedInWords } from './words';

interface FormPartProps {
  curve: AskedCurve | undefined;
  /** What the curve is called. */
  name: string;
  old: boolean;
  entry: FormEntry;
  wanted: FormWantedFields | undefined;
}

const TYPED = 'TYPED';
/** A key that is no number, so that choices stay in the order they are given. */
const keyOf = (id: number) => `clamps ${id}`;

/** What the piece is bent on: chosen, drawn with its holes, and what is cut for it. */
export function FormPart({ curve, name, old, entry, wanted }: FormPartProps) {
  const [system] = useUnits();
  const { data, error, isPlaceholderData } = useCurveForm(curve, wanted);
  const { data: things = [] } = useThings();
  const { form, change, readings } = entry;
  const field = (of: 'sheetThickness' | 'sheetLength' | 'sheetWidth' | 'clampReach' | 'clampHole' | 'spacing' | 'peg', label: string, hint?: string) => (
    <MeasureField label={label} measurement="LENGTH" text={form[of]} reading={readings[of]} problem={readings[of].error} hint={hint} onChange={(text) => { change({ ...form, [of]: text }); }} />
  );
  const pegs = form.kind === 'PEG_BOARD';
  const clamped = form.kind === 'ONE_SIDED' || form.kind === 'PRESS';
  const clamps = things.filter(({ item }) => item.kind === 'CLAMPS' && item.reachMm !== undefined);
  const picked = clamps.find(({ id }) => id === form.clampsId)?.item;
  return (
    <Box component="section" aria-label="The form" sx={{ mt: 3 }}>
      <Typography variant="h2" sx={{ mb: 1 }}>The form</Typography>
      <Box sx={{ display: 'grid', gap: 3, gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: '300px minmax(0, 1fr)' }, alignItems: 'start' }}>
        <Box>
          <Choice label="Kind" options={FORM} value={form.kind} onChange={(kind) => { change({ ...form, kind }); }} />
          {form.kind === 'ONE_SIDED' && (
            <Choice label="The piece dries on it" options={{ NO: 'No', YES: 'Yes, layers with air between' }} value={form.alsoRack ? 'YES' : 'NO'} onChange={(so) => { change({ ...form, alsoRack: so === 'YES' }); }} />
          )}
          {clamped && clamps.length > 0 && (
            <Choice label="Clamps" options={{ [TYPED]: 'as typed', ...Object.fromEntries(clamps.map(({ id, item }) => [keyOf(id), item.name])) }} value={picked && form.clampsId !== undefined ? keyOf(form.clampsId) : TYPED}
              onChange={(chosen) => {
                const found = clamps.find(({ id }) => keyOf(id) === chosen);
                const reachMm = found?.item.reachMm;
                change(reachMm === undefined ? { ...form, clampsId: undefined } : { ...form, clampsId: found?.id, clampReach: exactLength(reachMm, system) });
              }} />
          )}
          <Box sx={{ display: 'grid', columnGap: 1.5, rowGap: 1.25, gridTemplateColumns: '1fr 1fr', mt: 1 }}>
            {field('sheetThickness', 'Sheet goods, thick')}
            {clamped && (
              <MeasureField label="Clamps open" measurement="LENGTH" text={form.clampReach} reading={readings.clampReach} problem={readings.clampReach.error}
                onChange={(clampReach) => { change({ ...form, clampReach, clampsId: undefined }); }} />
            )}
            {field('sheetLength', 'Sheet, long')}
            {field('sheetWidth', 'Sheet, wide')}
            {field('spacing', EVERY[form.kind])}
            {(clamped || pegs) && field('peg', pegs ? 'Pegs, thick' : 'Pins, thick')}
            {form.kind === 'ONE_SIDED' && field('clampHole', 'Clamp holes', 'none: cut back')}
            <Field label="A sheet costs" value={form.price} error={entry.priceProblem !== undefined} helperText={entry.priceProblem ?? ' '} onChange={(event) => { change({ ...form, price: event.target.value }); }}
              slotProps={{ htmlInput: { inputMode: 'decimal', autoComplete: 'off' } }} />
          </Box>
        </Box>
        <Box sx={{ minHeight: 420 }}>
          {error ? <Typography role="alert" color="error">{error.message}</Typography> : (
            <Dimmed old={old || isPlaceholderData || !wanted}>
              {data && wanted && curve && <Made form={data} wanted={wanted} curve={curve} name={name} clamps={picked} old={old || isPlaceholderData} />}
            </Dimmed>
          )}
        </Box>
      </Box>
      <Box sx={{ mt: 1 }}><HowComputed part="curves" /></Box>
      <Typography variant="body2" color="textSecondary" sx={{ mt: 0.5 }}>
        Springback is taken out of the edge. Put wax, tape or polythene where glue comes.
      </Typography>
    </Box>
  );
}

/** What stands, or is set, so far apart. */
const EVERY: Record<FormWantedFields['kind'], string> = { ONE_SIDED: 'A clamp every', PRESS: 'A clamp every', RIBS: 'A rib every', BLOCKS: 'A block every', PEG_BOARD: 'A peg every' };

interface MadeProps {
  form: FormReading;
  wanted: FormWantedFields;
  curve: AskedCurve;
  name: string;
  clamps: { name: string; room: number } | undefined;
  old: boolean;
}

/** The form drawn, its cut list, and how it lies on sheets. */
function Made({ form, wanted, curve, name, clamps, old }: MadeProps) {
  const [system] = useUnits();
  const { takeIn } = useThingWrites();
  const notify = useNotice();
  const cut = cutList(form, wanted.sheetThicknessMm, system);
  const used = usedInWords(form, clamps);
  const title = `${name || 'Curve'}: ${FORM[wanted.kind].toLowerCase()}`;
  const runsOut = form.runOutMm > 0 ? [`Its edge goes on straight for ${about(form.runOutMm, system)} at each end of the piece.`] : [];
  const keep = () => {
    takeIn.mutateAsync(formAsThing(title, form, wanted, curve))
      .then(() => { notify({ message: `${title} is in the rig.` }); }).catch((failed: unknown) => { notify({ message: (failed as Error).message }); });
  };
  return (
    <>
      <FormDrawing form={form} />
      <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' }, mt: 1.5, alignItems: 'start' }}>
        <Box>
          {cut.map((line) => <Typography key={line}>{line}</Typography>)}
          <Typography sx={{ mt: 0.5 }}>
            {sheetsInWords(form, wanted, system)}{form.cost > 0 ? `, ${Number(form.cost.toFixed(2))} in all` : ''}
          </Typography>
          <Typography variant="body2">{used}</Typography>
          {runsOut.map((line) => <Typography key={line} variant="body2">{line}</Typography>)}
          <Typography color="textSecondary" variant="body2">About {form.hours < 9.5 ? form.hours.toFixed(1) : Math.round(form.hours)} hours to cut, drill and glue up. Laid by rectangles round the parts; by hand they nest closer.</Typography>
        </Box>
        <SheetDrawing form={form} lengthMm={wanted.sheetLengthMm} widthMm={wanted.sheetWidthMm} />
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'flex-end', columnGap: 2, mt: 1.5 }}>
        <TakeSheet old={old} ask={(sheet) => ({ about: 'form', asked: { sheet, curve, form: wanted } })}
          words={{ title, lines: [`${sheetsInWords(form, wanted, system)}. ${used}`, ...runsOut], ready: cut, rows: pegRows(form, system), cautions: [FORM_CAUTION] }} />
        <Button sx={{ mb: 1 }} disabled={old} loading={takeIn.isPending} onClick={keep}>It is built: put it in the rig</Button>
      </Box>
    </>
  );
}

