import { Box, Typography } from '@mui/material';
import { useForecastDraft } from '../forecast/useForecastDraft';
import { Waiting } from '../forecast/ForecastView';
import { useUnits } from '../app/units';
import { processLine, shapeLine, stockLine } from '../recipe/words';
import { RecipeInputs } from '../recipe/RecipeInputs';
import { useRecipe } from '../recipe/useRecipe';
import { Ladders } from './Ladders';
import { SparesPanel } from './SparesPanel';
import { TellingTrials } from './TellingTrials';

/** What to try next towards a bend, in which steps, and how many blanks to cut. */
export function PlanView() {
  const [form, setForm] = useForecastDraft();
  const [system] = useUnits();
  const { recipe, settled, readings, problems } = useRecipe(form);
  return (
    <Box sx={{ display: 'grid', gap: 3, gridTemplateColumns: { xs: '1fr', md: '330px 1fr' }, alignItems: 'start' }}>
      <Box sx={{ order: { xs: 2, md: 0 } }}>
        <RecipeInputs form={form} readings={readings} problems={problems} onChange={(change) => { setForm({ ...form, ...change }); }} />
      </Box>
      <Box sx={{ minWidth: 0 }}>
        <Typography variant="h1">Next trial and spares</Typography>
        {recipe && settled ? (
          <>
            <Typography color="text.secondary" gutterBottom>
              Towards {shapeLine(recipe, system)}; {stockLine(recipe)}, {processLine(recipe, system)}.
            </Typography>
            <Ladders recipe={settled} />
            <TellingTrials recipe={settled} />
            <SparesPanel recipe={settled} />
          </>
        ) : (
          <Waiting problems={Object.keys(problems).length} />
        )}
      </Box>
    </Box>
  );
}
