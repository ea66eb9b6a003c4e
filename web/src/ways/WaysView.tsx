import { Alert, Box, Button, LinearProgress, Paper, Typography } from '@mui/material';
import { useMemo, useState } from 'react';
import { useWays } from '../api/advice';
import { useSpecies } from '../api/queries';
import type { FoundView, WaysRequest, WayView } from '../api/schema';
import { useStored } from '../app/storage';
import { useUnits } from '../app/units';
import { WISHES } from '../advice/LeversPanel';
import { useTakeToForecast } from '../forecast/useForecastDraft';
import { oddsInWords, rangeInWords } from '../odds/words';
import { Choice } from '../recipe/Choice';
import { number } from '../recipe/form';
import { METHOD, processLine, shapeLine, stockLine } from '../recipe/words';
import { useReadings } from '../units/reading';
import { AtHand } from './AtHand';
import { FIRST_WISH, ORDER, type WishForm } from './draft';
import { WishInputs } from './WishInputs';
import { fellOutInWords, hoursInWords, triedInWords } from './words';

/** Find a way: give the curve and the section, get the ways there are, ranked by how soon the piece is off the form. */
export function WaysView() {
  const [stored, setForm] = useStored<WishForm>('brachion.ways', FIRST_WISH);
  const form = useMemo(() => ({ ...FIRST_WISH, ...stored }), [stored]);
  const [system] = useUnits();
  const lengths = [form.radius, form.thickness, form.width, ...list(form.thicknesses), ...list(form.plies)];
  const readings = useReadings(lengths.map((text) => ({ kind: 'length', text })), system);
  const [asked, setAsked] = useState<WaysRequest>();
  const search = useWays(asked);
  const problem = readings.find((reading) => reading.error)?.error ?? (number(form.angle) === undefined ? 'The bend angle is not a number.' : undefined);
  const wish = useMemo(() => wishOf(form, readings.map((r) => r.value)), [form, readings]);
  const change = (part: Partial<WishForm>) => { setForm({ ...form, ...part }); };
  return (
    <Box sx={{ display: 'grid', gap: 3, gridTemplateColumns: { xs: '1fr', md: '360px 1fr' }, alignItems: 'start' }}>
      <Box component="form" noValidate onSubmit={(event) => { event.preventDefault(); if (wish) setAsked(wish); }}>
        <Typography variant="h1" sx={{ mb: 2 }}>Find a way</Typography>
        <WishInputs form={form} readings={readings} onChange={change} />
        <Choice label="Odds wanted" options={WISHES} value={form.unbroken} onChange={(unbroken) => { change({ unbroken }); }} />
        <AtHand form={form} onChange={change} />
        {problem && <Alert severity="warning" sx={{ my: 1 }}>{problem}</Alert>}
        <Button type="submit" variant="contained" size="large" disabled={!wish} sx={{ mt: 1 }}>Look for ways</Button>
      </Box>
      <Box aria-live="polite">
        {!search && (
          <Typography color="text.secondary" sx={{ py: 6 }}>
            Say what curve and section you need and what you have. Every wood, seasoning, soak, steaming time, support and
            stack of plies is tried, and you see the ways that hold and why the others fall out.
          </Typography>
        )}
        {search?.error && <Alert severity="error">{search.error.message}</Alert>}
        {search && !search.error && !search.found && (
          <Box sx={{ py: 2 }}>
            <Typography gutterBottom>{search.done} of {search.of} combinations looked at</Typography>
            <LinearProgress variant="determinate" value={search.of ? (100 * search.done) / search.of : 0} aria-label="How far the search is" />
          </Box>
        )}
        {search?.found && asked && (
          <Found found={search.found} order={asked.order} onOrder={(order) => { change({ order }); setAsked({ ...asked, order }); }} />
        )}
      </Box>
    </Box>
  );
}

interface FoundProps {
  found: FoundView;
  order: WaysRequest['order'];
  onOrder: (order: WaysRequest['order']) => void;
}

function Found({ found, order, onOrder }: FoundProps) {
  const [system] = useUnits();
  const none = found.ways.length === 0;
  return (
    <>
      <Typography variant="h2" gutterBottom>
        {none
          ? `None of ${found.looked} combinations is good enough`
          : `${found.reached} of ${found.looked} combinations are good enough; the best two of a wood`}
      </Typography>
      {!none && <Box sx={{ mb: 1.5 }}><Choice label="Which first" options={ORDER} value={order} onChange={onOrder} /></Box>}
      {none && found.nearest.length > 0 && <Typography gutterBottom>This comes nearest:</Typography>}
      <Box component="ol" aria-label="Ways" sx={{ listStyle: 'none', p: 0, m: 0, display: 'grid', gap: 1 }}>
        {(none ? found.nearest : found.ways).map((way, i) => <WayRow key={i} way={way} />)}
      </Box>
      {found.fellOut.length > 0 && (
        <Box sx={{ mt: 3 }}>
          <Typography variant="h2" gutterBottom>Why the others fell out</Typography>
          {found.fellOut.map((out) => (
            <Typography key={out.because} variant="body2" sx={{ mt: 0.5 }}>{fellOutInWords(out, system)}</Typography>
          ))}
        </Box>
      )}
    </>
  );
}

function WayRow({ way }: { way: WayView }) {
  const [system] = useUnits();
  const { data: species = [] } = useSpecies();
  const take = useTakeToForecast();
  const { recipe, unbroken } = way;
  const name = species.find((s) => s.id === recipe.blank.speciesId)?.commonName ?? '';
  return (
    <Paper component="li" sx={{ p: 1.5, border: 1, borderColor: 'divider', display: 'grid', gap: 1.5, gridTemplateColumns: { xs: '1fr', sm: '1fr 190px auto' }, alignItems: 'center' }}>
      <Box>
        <Typography sx={{ fontWeight: 640 }}>{name}, {stockLine(recipe)}</Typography>
        <Typography variant="body2">{METHOD[recipe.method]}: {processLine(recipe, system)}</Typography>
        <Typography variant="body2" color="text.secondary">{shapeLine(recipe, system)}</Typography>
        <Typography variant="body2" color={way.beyondRecords ? 'data.flaw' : 'text.secondary'}>{triedInWords(way)}</Typography>
      </Box>
      <Box>
        <Typography sx={{ fontWeight: 640 }}>{oddsInWords(unbroken.probability)}</Typography>
        <Typography variant="body2">{rangeInWords(unbroken)}</Typography>
        <Typography variant="body2" color="text.secondary">{hoursInWords(way)}</Typography>
      </Box>
      <Button variant="outlined" onClick={() => { take(recipe); }}>Take this one</Button>
    </Paper>
  );
}

/** Lengths typed one after another with semicolons, as in 1/2"; 3/4". */
function list(text: string): string[] {
  return text.split(';').map((each) => each.trim()).filter((each) => each !== '');
}

function wishOf(form: WishForm, values: (number | undefined)[]): WaysRequest | undefined {
  const angle = number(form.angle);
  if (angle === undefined || values.some((value) => value === undefined)) return undefined;
  const [radius = 0, thickness = 0, width = 0, ...rest] = values as number[];
  const solid = list(form.thicknesses).length;
  return {
    innerRadiusMm: radius,
    angleDegrees: angle,
    thicknessMm: thickness,
    widthMm: width,
    unbroken: Number(form.unbroken),
    speciesIds: form.speciesIds,
    seasonings: form.seasonings,
    thicknessesMm: rest.slice(0, solid),
    supports: form.supports,
    soak: form.soak,
    methods: form.methods,
    pliesMm: rest.slice(solid),
    order: form.order,
  };
}
