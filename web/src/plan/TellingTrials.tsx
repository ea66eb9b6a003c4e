import { Box, Button, Typography } from '@mui/material';
import { useNextTrials } from '../api/advice';
import type { RecipeFields, TrialToMake } from '../api/schema';
import { useUnits } from '../app/units';
import { useTakeToForecast } from '../forecast/useForecastDraft';
import { oddsInWords } from '../odds/words';
import { printLength } from '../units/printing';

/** Single trials, by how much each would narrow what is not known of this bend. */
export function TellingTrials({ recipe }: { recipe: RecipeFields }) {
  const { data } = useNextTrials(recipe);
  const most = data?.trials[0];
  if (!data || !most) return null;
  return (
    <Box component="section" aria-label="Most telling trials" sx={{ mt: 3 }}>
      <Typography variant="h2" gutterBottom>The trial that would tell most</Typography>
      {narrowing(most) < 3 && (
        <Typography gutterBottom>A single trial tells little now: pieces differ by board and by hand more than one of them can settle.</Typography>
      )}
      <Box component="ol" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {data.trials.map((trial, i) => <Trial key={i} trial={trial} />)}
      </Box>
    </Box>
  );
}

function narrowing({ spreadNow, spreadThen }: TrialToMake): number {
  return Math.round((1 - spreadThen / spreadNow) * 100);
}

function Trial({ trial }: { trial: TrialToMake }) {
  const [system] = useUnits();
  const take = useTakeToForecast();
  const { blank, innerRadiusMm } = trial.recipe;
  return (
    <Box component="li" sx={{ display: 'grid', gridTemplateColumns: '1fr auto', alignItems: 'center', borderTop: 1, borderColor: 'divider', py: 0.75 }}>
      <Typography>
        {printLength(blank.thicknessMm, system)} at radius {printLength(innerRadiusMm, system)}: narrows what is not known by{' '}
        {narrowing(trial)} %; {oddsInWords(trial.unbroken.probability)} like it hold.
      </Typography>
      <Button onClick={() => { take(trial.recipe); }}>Look at it</Button>
    </Box>
  );
}
