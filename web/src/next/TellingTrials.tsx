import { Box, Button, Typography } from '@mui/material';
import { useNextTrials } from '../api/advice';
import type { RecipeFields, TrialToMake } from '../api/schema';
import { useStored } from '../app/storage';
import { useUnits } from '../app/units';
import { PieceGlyph } from '../bend/PieceGlyph';
import { Dimmed, useOld } from '../app/Dimmed';
import { METHOD, methodOf } from '../methods/forms';
import type { Kind } from '../methods/method';
import { oddsInWords } from '../odds/words';
import { shapeLine, stockLine } from '../recipe/words';
import { printLength } from '../units/printing';

/** Single trials, by how much each would narrow what is not known of this bend. */
export function TellingTrials({ recipe, onTake }: { recipe: RecipeFields; onTake: (recipe: RecipeFields) => void }) {
  const mind = useBendsInMind(recipe);
  const { data, isPlaceholderData: old } = useNextTrials(recipe, mind.others);
  const most = data?.trials[0];
  if (!data || !most) return null;
  return (
    <Box component="section" aria-label="Most telling trials" sx={{ mt: 3 }}>
      <Typography variant="h2" gutterBottom>The trial that would tell most</Typography>
      {narrowing(most) < 3 && (
        <Typography gutterBottom>A single trial tells little now: pieces differ by board and by hand more than one of them can settle.</Typography>
      )}
      <Dimmed old={old}>
        <Box component="ol" sx={{ listStyle: 'none', p: 0, m: 0 }}>
          {data.trials.map((trial, i) => <Trial key={i} trial={trial} onTake={onTake} />)}
        </Box>
      </Dimmed>
      <BendsInMind mind={mind} />
    </Box>
  );
}

const IN_MIND = 'brachion.inMind';
const MOST_IN_MIND = 12;

/** A bend as it was kept before its settings stood under its method. */
type KeptBend = RecipeFields | (Omit<RecipeFields, 'method'> & { method: Kind; steam?: object; lamination?: object });

function asOfNow(bend: KeptBend): RecipeFields {
  if (typeof bend.method === 'object') return bend as RecipeFields;
  const { method: kind, steam, lamination, ...rest } = bend as Exclude<KeptBend, RecipeFields>;
  return { ...rest, method: { kind, ...steam, ...lamination } as RecipeFields['method'] };
}

/** Other bends the person has in mind: a trial should tell of them too. */
function useBendsInMind(recipe: RecipeFields) {
  const [stored, setKept] = useStored<KeptBend[]>(IN_MIND, []);
  const kept = stored.map(asOfNow);
  const same = (other: RecipeFields) => JSON.stringify(other) === JSON.stringify(recipe);
  return {
    kept,
    // records of one family say nothing about another
    others: kept.filter((other) => !same(other) && methodOf(other).family === methodOf(recipe).family),
    here: kept.some(same),
    keep: () => { setKept([...kept, recipe]); },
    drop: (bend: RecipeFields) => { setKept(kept.filter((other) => JSON.stringify(other) !== JSON.stringify(bend))); },
  };
}

function BendsInMind({ mind }: { mind: ReturnType<typeof useBendsInMind> }) {
  const [system] = useUnits();
  return (
    <Box sx={{ mt: 1.5 }}>
      <Typography variant="body2" color="textSecondary">
        {mind.kept.length === 0 ? 'A trial can tell of several bends at once.' : 'To tell of these bends too, where they are bent the same way:'}
      </Typography>
      <Box component="ul" aria-label="Bends kept in mind" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {mind.kept.map((bend, at) => (
          <Box component="li" key={at} sx={{ display: 'flex', alignItems: 'center', gap: 1 }}>
            <PieceGlyph recipe={bend} severity="CLEAN" />
            <Typography variant="body2">{METHOD[bend.method.kind]}, {stockLine(bend)}, {shapeLine(bend, system)}</Typography>
            <Button size="small" color="inherit" onClick={() => { mind.drop(bend); }}>Forget it</Button>
          </Box>
        ))}
      </Box>
      {!mind.here && mind.kept.length < MOST_IN_MIND && <Button size="small" onClick={mind.keep}>Keep this bend in mind</Button>}
    </Box>
  );
}

function narrowing({ spreadNow, spreadThen }: TrialToMake): number {
  return Math.round((1 - spreadThen / spreadNow) * 100);
}

function Trial({ trial, onTake }: { trial: TrialToMake; onTake: (recipe: RecipeFields) => void }) {
  const old = useOld();
  const [system] = useUnits();
  const { blank, innerRadiusMm } = trial.recipe;
  return (
    <Box component="li" sx={{ display: 'grid', gridTemplateColumns: '1fr auto', alignItems: 'center', borderTop: 1, borderColor: 'divider', py: 0.75 }}>
      <Typography>
        {printLength(blank.thicknessMm, system)} at radius {printLength(innerRadiusMm, system)}: narrows what is not known by{' '}
        {narrowing(trial)} %; {oddsInWords(trial.unbroken.probability)} like it hold.
      </Typography>
      <Button disabled={old} onClick={() => { onTake(trial.recipe); }}>Look at it</Button>
    </Box>
  );
}
