import { Box, Button, Paper, Typography } from '@mui/material';
import { useSideBySide } from '../api/advice';
import type { RecipeFields, WayBeside } from '../api/schema';
import { Dimmed, useOld } from '../app/Dimmed';
import { useUnits } from '../app/units';
import { BendDrawing } from '../bend/BendDrawing';
import { HowComputed } from '../help/HowComputed';
import { METHOD } from '../methods/forms';
import { limitInWords, oddsInWords, rangeInWords } from '../odds/words';
import { processLine, shapeLine, stockLine } from '../recipe/words';
import { printLength } from '../units/printing';
import { attentionInWords, hoursInWords, missingInWords, neededInWords } from './words';

interface SideBySideProps {
  recipe: RecipeFields | undefined;
  /** Whether the recipe is still what is typed. */
  current: boolean;
  /** Chance wanted that a piece does not break. */
  wanted: number;
  onTake: (recipe: RecipeFields) => void;
}

/** Every way to the planned curve and section, drawn beside one another with what each asks. */
export function SideBySide({ recipe, current, wanted, onTake }: SideBySideProps) {
  const { data, isPlaceholderData, error } = useSideBySide(recipe, wanted);
  return (
    <Box component="section" aria-label="Side by side" sx={{ mb: 4 }}>
      <Box sx={{ display: 'flex', alignItems: 'center', flexWrap: 'wrap', columnGap: 1.5, mb: 0.5 }}>
        <Typography variant="h2">Every way to this bend, side by side</Typography>
        <HowComputed part="the-advice" />
      </Box>
      <Typography color="textSecondary" sx={{ mb: 1.5, maxWidth: 640 }}>
        Of this stock, to this curve and section: each way with the settings that are least trouble and good enough, or the surest it has.
      </Typography>
      {error && <Typography color="error">{error.message}</Typography>}
      <Dimmed old={isPlaceholderData || !current} sx={{ minHeight: 900 }}>
        {data && (
          <>
            <Box component="ul" aria-label="Compared" sx={GRID}>
              {data.ways.map((way) => <WayCard key={way.recipe.method.kind} way={way} wanted={wanted} onTake={onTake} />)}
            </Box>
            {data.impossible.length > 0 && (
              <Typography variant="body2" color="textSecondary" sx={{ mt: 1.5 }}>
                Not for this piece whatever is set: {data.impossible.map((kind) => METHOD[kind].toLowerCase()).join(', ')}.
              </Typography>
            )}
          </>
        )}
      </Dimmed>
    </Box>
  );
}

function WayCard({ way, wanted, onTake }: { way: WayBeside; wanted: number; onTake: (recipe: RecipeFields) => void }) {
  const [system] = useUnits();
  const { recipe, unbroken, springback, planned } = way;
  const old = useOld();
  const good = unbroken.probability >= wanted;
  return (
    <Paper component="li" aria-label={METHOD[recipe.method.kind]}
      sx={{ p: 1.5, border: planned ? 2 : 1, borderColor: planned ? 'primary.main' : 'divider', display: 'flex', flexDirection: 'column' }}>
      <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 1 }}>
        <Typography variant="h3">{METHOD[recipe.method.kind]}</Typography>
        {planned && <Typography variant="body2" color="primary" sx={{ ml: 'auto', fontWeight: 620 }}>as planned</Typography>}
      </Box>
      <Box sx={{ height: 128, my: 1 }}><BendDrawing recipe={recipe} section={way.section} sheet={way.sheet} lettering={1.7} /></Box>
      <Typography sx={{ fontSize: '1.25rem', fontWeight: 660, color: good ? 'data.clean' : 'text.primary' }}>{oddsInWords(unbroken.probability)}</Typography>
      <Typography variant="body2" gutterBottom>{rangeInWords(unbroken)}</Typography>
      <Box component="dl" sx={FACTS}>
        <dt>Springs back to</dt><dd>{printLength(springback.releasedRadiusMm, system)}, form {printLength(springback.formRadiusMm, system)}</dd>
        <dt>Time</dt><dd>{hoursInWords(way)}, {attentionInWords(way)}</dd>
        <dt>Stock</dt><dd>{stockLine(recipe)}, {shapeLine(recipe, system).split(', radius')[0]}</dd>
        <dt>Done</dt><dd>{processLine(recipe, system)}</dd>
        <dt>Needs</dt><dd>{neededInWords(way)}{way.notAtHand.length > 0 && <>. <Box component="span" sx={{ fontWeight: 600 }}>{missingInWords(way)}</Box></>}</dd>
        <dt>Against it</dt><dd>{againstInWords(way, good)}</dd>
      </Box>
      {!planned && <Button variant="outlined" disabled={old} sx={{ mt: 1.5, alignSelf: 'flex-start' }} onClick={() => { onTake(recipe); }}>Plan it so</Button>}
    </Paper>
  );
}

/** What speaks against a way, or that nothing does. */
function againstInWords({ recipe, section, limiting, beyondRecords, trialsThisWay }: WayBeside, good: boolean): string {
  const known = trialsThisWay === 0 ? 'Never tried in this shop.' : beyondRecords ? 'No record was asked this much.' : '';
  return [good ? '' : limitInWords(limiting, recipe, section), known].filter(Boolean).join(' ') || 'Nothing known.';
}

const GRID = { listStyle: 'none', p: 0, m: 0, display: 'grid', gap: 1.5, gridTemplateColumns: { xs: 'minmax(0, 1fr)', sm: 'repeat(auto-fill, minmax(250px, 1fr))' } } as const;
const FACTS = {
  display: 'grid', gridTemplateColumns: 'auto minmax(0, 1fr)', columnGap: 1.25, rowGap: 0.25, m: 0, fontSize: '0.875rem', lineHeight: 1.4, flexGrow: 1, alignContent: 'start',
  '& dt': { color: 'text.secondary' }, '& dd': { m: 0 },
} as const;
