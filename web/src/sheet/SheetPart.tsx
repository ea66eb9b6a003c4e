import { Box, Paper, Typography } from '@mui/material';
import { Dimmed } from '../app/Dimmed';
import { useUnits } from '../app/units';
import { HowComputed } from '../help/HowComputed';
import { factsOf, METHOD, methodOf, lineOf } from '../methods/forms';
import { STEPS_OF } from '../methods/steps';
import { RowsTable } from '../paper/RowsTable';
import { TakeSheet } from '../paper/TakeSheet';
import { usePlan } from '../plan/usePlan';
import { shapeLine, stockLine } from '../recipe/words';
import { Caution } from '../recipe/fields';
import { PliesBeside } from './PliesBeside';
import { StripDrawing } from './StripDrawing';
import { rowsOf } from './words';

/** The sheet for the bench: the piece laid out straight and everything that is measured out, to be read at arm's length. */
export function SheetPart() {
  const { answer, current, take } = usePlan();
  const [system] = useUnits();
  if (!answer) return null;
  const { recipe, forecast } = answer;
  const rows = rowsOf(forecast.sheet, system);
  const steps = STEPS_OF[recipe.method.kind];
  return (
    <Dimmed old={!current}>
      <Paper component="section" aria-label="Sheet for the bench" sx={{ p: 2.5 }}>
        <Box sx={{ display: 'flex', alignItems: 'baseline', flexWrap: 'wrap', columnGap: 2, mb: 0.5 }}>
          <Typography variant="h2">{METHOD[recipe.method.kind]}</Typography>
          <Typography>{shapeLine(recipe, system)}</Typography>
        </Box>
        <Typography color="textSecondary" sx={{ mb: 1.5 }}>{stockLine(recipe)}; {lineOf(recipe.method, system)}</Typography>
        <StripDrawing recipe={recipe} sheet={forecast.sheet} />
        <RowsTable rows={rows} />
        <Typography variant="h3">In the order of work</Typography>
        <Box component="ol" sx={{ mt: 0.5, mb: 1.5, pl: 3, maxWidth: 640, '& li': { pb: 0.5 } }}>{steps.map((step) => <li key={step}>{step}</li>)}</Box>
        <Caution>{methodOf(recipe).caution}</Caution>
      </Paper>
      <Box sx={{ mt: 1.5 }}>
        <TakeSheet old={!current} ask={(sheet) => ({ about: 'bend', asked: { sheet, recipe, drawn: ['LAID_OUT', 'ACROSS'] } })}
          words={{ title: METHOD[recipe.method.kind], lines: [shapeLine(recipe, system), `${stockLine(recipe)}; ${lineOf(recipe.method, system)}`], rows, ready: steps, cautions: [methodOf(recipe).caution] }} />
      </Box>
      {factsOf(recipe.method).plies > 1 && factsOf(recipe.method).cleanMm === undefined && <PliesBeside recipe={recipe} current={current} onTake={take} />}
      <HowComputed part="the-sheet" />
    </Dimmed>
  );
}
