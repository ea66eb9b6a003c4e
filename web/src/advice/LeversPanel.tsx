import { Box, ButtonBase, Typography } from '@mui/material';
import { useLevers } from '../api/advice';
import type { LeversAnswer, Odds, RecipeFields } from '../api/schema';
import { usePalette } from '../app/palette';
import { useOnPhone } from '../app/phone';
import { useStored } from '../app/storage';
import { Tray } from '../app/Tray';
import { useUnits } from '../app/units';
import { HowComputed } from '../help/HowComputed';
import { oddsInWords, rangeInWords } from '../odds/words';
import { changeInWords, changesInWords } from './words';

type Wish = '0.8' | '0.9' | '0.95';

export const WISHES: Record<Wish, string> = { '0.8': '8 in 10', '0.9': '9 in 10', '0.95': '19 in 20' };

interface LeversPanelProps {
  recipe: RecipeFields;
  /** Whether something else is typed by now, so that no step is to be taken any more. */
  stale?: boolean;
  onTake: (recipe: RecipeFields) => void;
}

/** What to change: single steps, each a tap away, and the least trouble that reaches the wanted odds. */
export function LeversPanel({ recipe, stale = false, onTake }: LeversPanelProps) {
  const [wish, setWish] = useStored<Wish>('brachion.wish', '0.9');
  const { data, isPlaceholderData: old } = useLevers(recipe, Number(wish));
  return (
    <Box component="section" aria-label="What to change" sx={{ display: 'grid', gap: 1, alignContent: 'start', minHeight: { xs: ROOM / 2, sm: ROOM } }}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', justifyContent: 'space-between', columnGap: 1, '& button': { px: 1 } }}>
        <Typography variant="h2">What to change</Typography>
        <Tray aria-label="Odds wanted" options={WISHES} chosen={(each) => each === wish} onTap={setWish} />
      </Box>
      {data && <Steps answer={data} old={old || stale} onTake={onTake} />}
      <HowComputed part="the-advice" />
    </Box>
  );
}

/** Room for the usual steps, so that what stands below stays where it is when they come [px]. */
const ROOM = 560;

function Steps({ answer, old, onTake }: { answer: LeversAnswer; old: boolean; onTake: (recipe: RecipeFields) => void }) {
  const [system] = useUnits();
  const { now, levers, cheapest } = answer;
  const onPhone = useOnPhone();
  // where one step is enough it stands above already
  const alone = levers.filter(({ kind }) => cheapest.changes.length !== 1 || cheapest.changes[0]?.kind !== kind);
  return (
    <>
      {cheapest.changes.length === 0 ? (
        <Typography>
          {cheapest.reaches ? 'Good enough as it is.' : 'No single practical step here helps: find another way to this bend.'}
        </Typography>
      ) : (
        <Step now={now} then={cheapest.unbroken} old={old} onTake={() => { onTake(cheapest.recipe); }}
          words={changesInWords(cheapest.changes, system)} beyond={cheapest.beyondRecords}
          note={cheapest.reaches ? 'least trouble that gets there' : 'as far as three steps take it'} />
      )}
      {alone.slice(0, onPhone ? 2 : 6).map((lever) => (
        <Step key={lever.kind} now={now} then={lever.unbroken} old={old} onTake={() => { onTake(lever.recipe); }}
          words={changeInWords(lever, system)} beyond={lever.beyondRecords} />
      ))}
    </>
  );
}

interface StepProps {
  now: Odds;
  then: Odds;
  /** Still of the recipe before; not to be taken any more. */
  old: boolean;
  words: string;
  /** Whether it then asks more than any record did. */
  beyond: boolean;
  note?: string;
  onTake: () => void;
}

function Step({ now, then, old, words, beyond, note, onTake }: StepProps) {
  const colours = usePalette();
  return (
    <ButtonBase onClick={onTake} disabled={old}
      sx={{
        display: 'grid', gridTemplateColumns: '1fr 84px', gap: 1, alignItems: 'center', textAlign: 'left', px: 1.25, py: 0.75, minHeight: 44,
        border: note ? 2 : 1, borderColor: note ? 'primary.main' : 'divider', borderRadius: 1, opacity: old ? 0.5 : 1, '&:hover': { bgcolor: 'action.hover' },
      }}>
      <Box>
        <Typography variant="body2" sx={{ fontWeight: 600 }}>{words}</Typography>
        <Typography variant="body2" color="textSecondary">
          {oddsInWords(then.probability)}, {rangeInWords(then)}{note ? `, ${note}` : ''}
          {beyond && <Box component="span" sx={{ color: 'data.flaw' }}>; beyond your records</Box>}
        </Typography>
      </Box>
      <Box component="svg" viewBox="0 0 104 20" aria-hidden sx={{ width: 84 }}>
        <line x1={2} x2={102} y1={10} y2={10} stroke={colours.divider} strokeWidth={6} strokeLinecap="round" />
        <line x1={2 + now.probability * 100} x2={2 + then.probability * 100} y1={10} y2={10} stroke={colours.data.clean} strokeWidth={6} />
        <circle cx={2 + now.probability * 100} cy={10} r={3.5} fill={colours.text.secondary} />
        <circle cx={2 + then.probability * 100} cy={10} r={5} fill={colours.data.clean} />
      </Box>
    </ButtonBase>
  );
}
