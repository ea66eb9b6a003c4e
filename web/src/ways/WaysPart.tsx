import { Alert, Box, Button, LinearProgress, Paper, Typography } from '@mui/material';
import { useMemo, useState } from 'react';
import { useWays } from '../api/advice';
import type { FoundView, RecipeFields, WaysRequest, WayView } from '../api/schema';
import { Dimmed } from '../app/Dimmed';
import { useOnPhone } from '../app/phone';
import { useStored } from '../app/storage';
import { useUnits } from '../app/units';
import { WISHES } from '../advice/LeversPanel';
import { HowComputed } from '../help/HowComputed';
import { factsOf, METHOD } from '../methods/forms';
import { OddsInShort } from '../odds/OddsPanel';
import { oddsInWords, rangeInWords } from '../odds/words';
import { usePlan } from '../plan/usePlan';
import { Choice } from '../recipe/Choice';
import { finishedMm } from '../recipe/form';
import { useWoodName } from '../recipe/woodNames';
import { processLine, shapeLine, stockLine } from '../recipe/words';
import { printLength } from '../units/printing';
import { useReadings, type Reading } from '../units/reading';
import { AtHand } from './AtHand';
import { FIRST_WISH, ORDER, type WishForm } from './draft';
import { WaysTable } from './WaysTable';
import { fellOutInWords, hoursInWords, triedInWords } from './words';

/** Other ways to the planned curve and section, ranked by how soon the piece is off the form. */
export function WaysPart() {
  const { answer, current, take } = usePlan();
  const [stored, setForm] = useStored<WishForm>('brachion.ways', FIRST_WISH);
  const form = useMemo(() => ({ ...FIRST_WISH, ...stored }), [stored]);
  const [system] = useUnits();
  const onPhone = useOnPhone();
  const readings = useReadings(lengthsOf(form), system);
  const [asked, setAsked] = useState<WaysRequest>();
  const search = useWays(asked);
  const problem = Object.values(readings).find((reading) => reading.error)?.error;
  const wanted = current ? answer?.recipe : undefined;
  const wish = wanted && wishOf(form, wanted, readings);
  const plate = answer !== undefined && riseOf(answer.recipe) !== undefined;
  const change = (part: Partial<WishForm>) => { setForm({ ...form, ...part }); };
  return (
    <Box component="section" aria-label="Other ways">
      <WaysTable recipe={answer?.recipe} current={current} wanted={Number(form.unbroken)} onTake={take} beside={(
        <>
          <Choice label="Odds wanted" options={WISHES} value={form.unbroken} onChange={(unbroken) => { change({ unbroken }); }} />
          {!onPhone && (
            <Dimmed old={!current} sx={{ minWidth: 190 }}>
              {answer && <Box component="section" aria-label="Odds" sx={{ textAlign: 'right' }}><OddsInShort answer={answer.forecast} /></Box>}
            </Dimmed>
          )}
        </>
      )} />
      <Box component="form" noValidate onSubmit={(event) => { event.preventDefault(); if (wish) setAsked(wish); }}>
        <Typography variant="h2">Look through stock and settings</Typography>
        <Typography color="textSecondary" sx={{ mb: 1.5, minHeight: { xs: '7.5em', sm: '3em' } }}>
          {answer && (plate
            ? `A plate of ${printLength(finishedMm(answer.recipe), system)} that curves both ways: every wood, seasoning, soak, time in the water and number of rounds is tried, between metal sheets and without.`
            : `A finished section of ${printLength(finishedMm(answer.recipe), system)} × ${printLength(answer.recipe.blank.widthMm, system)} round ` +
              `${printLength(answer.recipe.innerRadiusMm, system)}: every wood, seasoning, soak, steaming time, support and stack of plies at hand is tried.`)}
        </Typography>
        <AtHand form={form} readings={readings} onChange={change} plate={plate} />
        {problem && <Alert severity="warning" sx={{ my: 1 }}>{problem}</Alert>}
        <Button type="submit" variant="contained" size="large" disabled={!wish}>Look for ways</Button>
      </Box>
      <Box aria-live="polite" sx={{ mt: 2 }}>
        {search?.error && <Alert severity="error">{search.error.message}</Alert>}
        {search && !search.error && !search.found && (
          <Box sx={{ py: 2 }}>
            <Typography gutterBottom>{search.done} of {search.of} combinations looked at</Typography>
            <LinearProgress variant="determinate" value={search.of ? (100 * search.done) / search.of : 0} aria-label="How far the search is" />
          </Box>
        )}
        {search?.found && asked && (
          <>
            {!sameBend(asked, wanted) && (
              <Alert severity="info" sx={{ mb: 1.5 }}>
                These are ways to {printLength(asked.thicknessMm, system)} × {printLength(asked.widthMm, system)} round{' '}
                {printLength(asked.innerRadiusMm, system)}. The recipe asks something else now: look again.
              </Alert>
            )}
            <Found found={search.found} order={asked.order} onTake={take}
              onOrder={(order) => { change({ order }); setAsked({ ...asked, order }); }} />
          </>
        )}
      </Box>
    </Box>
  );
}

interface FoundProps {
  found: FoundView;
  order: WaysRequest['order'];
  onOrder: (order: WaysRequest['order']) => void;
  onTake: (recipe: RecipeFields) => void;
}

function Found({ found, order, onOrder, onTake }: FoundProps) {
  const [system] = useUnits();
  const none = found.ways.length === 0;
  return (
    <>
      <Typography variant="h3" gutterBottom>
        {none
          ? `None of ${found.looked} combinations is good enough`
          : `${found.reached} of ${found.looked} combinations are good enough; the best two of a wood`}
      </Typography>
      {!none && <Box sx={{ mb: 1.5 }}><Choice label="Which first" options={ORDER} value={order} onChange={onOrder} /></Box>}
      {none && found.nearest.length > 0 && <Typography gutterBottom>This comes nearest:</Typography>}
      <Box component="ol" aria-label="Ways" sx={{ listStyle: 'none', p: 0, m: 0, display: 'grid', gap: 1 }}>
        {(none ? found.nearest : found.ways).map((way, i) => <WayRow key={i} way={way} onTake={onTake} />)}
      </Box>
      <HowComputed part="the-advice" />
      {found.fellOut.length > 0 && (
        <Box sx={{ mt: 3 }}>
          <Typography variant="h3" gutterBottom>Why the others fell out</Typography>
          {found.fellOut.map((out) => (
            <Typography key={out.because} variant="body2" sx={{ mt: 0.5 }}>{fellOutInWords(out, system)}</Typography>
          ))}
        </Box>
      )}
    </>
  );
}

function WayRow({ way, onTake }: { way: WayView; onTake: (recipe: RecipeFields) => void }) {
  const [system] = useUnits();
  const { recipe, unbroken } = way;
  const name = useWoodName()(recipe.blank.speciesId);
  return (
    <Paper component="li" sx={{ p: 1.5, border: 1, borderColor: 'divider', display: 'grid', gap: 1.5, gridTemplateColumns: { xs: '1fr', sm: '1fr 190px auto' }, alignItems: 'center' }}>
      <Box>
        <Typography sx={{ fontWeight: 640 }}>{name}, {stockLine(recipe)}</Typography>
        <Typography variant="body2">{METHOD[recipe.method.kind]}: {processLine(recipe, system)}</Typography>
        <Typography variant="body2" color="textSecondary">{shapeLine(recipe, system)}</Typography>
        <Typography variant="body2" sx={{ color: way.beyondRecords ? 'data.flaw' : 'text.secondary' }}>{triedInWords(way)}</Typography>
      </Box>
      <Box>
        <Typography sx={{ fontWeight: 640 }}>{oddsInWords(unbroken.probability)}</Typography>
        <Typography variant="body2">{rangeInWords(unbroken)}</Typography>
        <Typography variant="body2" color="textSecondary">{hoursInWords(way.hours)} until it is off the form</Typography>
      </Box>
      <Button variant="outlined" onClick={() => { onTake(recipe); }}>Use this</Button>
    </Paper>
  );
}

/** Lengths typed one after another with semicolons, as in 1/2"; 3/4". */
function list(text: string): string[] {
  return text.split(';').map((each) => each.trim()).filter((each) => each !== '');
}

/** Every length of the wish under a name of its own. */
function lengthsOf(form: WishForm) {
  const typed = (kind: string, text: string) => list(text).map((each, i) => [`${kind}${i}`, { measurement: 'LENGTH' as const, text: each }]);
  return Object.fromEntries([...typed('thickness', form.thicknesses), ...typed('ply', form.plies)]) as Record<string, { measurement: 'LENGTH'; text: string }>;
}

function wishOf(form: WishForm, wanted: RecipeFields, readings: Record<string, Reading>): WaysRequest | undefined {
  const read = (kind: string, text: string) => list(text).map((_, i) => readings[`${kind}${i}`]?.value);
  const thicknesses = read('thickness', form.thicknesses);
  const plies = read('ply', form.plies);
  if ([...thicknesses, ...plies].some((value) => value === undefined)) return undefined;
  const acrossRiseMm = riseOf(wanted);
  return {
    innerRadiusMm: wanted.innerRadiusMm,
    angleDegrees: wanted.angleDegrees,
    thicknessMm: finishedMm(wanted),
    widthMm: wanted.blank.widthMm,
    unbroken: Number(form.unbroken),
    speciesIds: form.speciesIds,
    seasonings: form.seasonings,
    thicknessesMm: thicknesses as number[],
    supports: form.supports,
    soak: form.soak,
    methods: form.methods,
    pliesMm: plies as number[],
    order: form.order,
    ...(acrossRiseMm === undefined ? {} : { acrossRiseMm, methods: [wanted.method.kind] }),
  };
}

/** How far a piece rises across the grain, where it curves both ways [mm]. */
function riseOf({ method }: RecipeFields): number | undefined {
  return factsOf(method).acrossRiseMm;
}

/** Whether ways were looked for to the bend that is planned now; one that is still being read counts as the same. */
function sameBend(asked: WaysRequest, wanted: RecipeFields | undefined): boolean {
  if (!wanted) return true;
  const same = (a: number, b: number) => Math.abs(a - b) < 1e-3;
  return same(asked.innerRadiusMm, wanted.innerRadiusMm) && same(asked.angleDegrees, wanted.angleDegrees)
    && same(asked.thicknessMm, finishedMm(wanted)) && same(asked.widthMm, wanted.blank.widthMm) && same(asked.acrossRiseMm ?? 0, riseOf(wanted) ?? 0);
}
