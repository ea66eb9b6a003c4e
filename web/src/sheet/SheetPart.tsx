import { Box, Paper, Typography } from '@mui/material';
import { Dimmed } from '../app/Dimmed';
import { useUnits } from '../app/units';
import { HowComputed } from '../help/HowComputed';
import { factsOf, METHOD, methodOf } from '../methods/forms';
import { STEPS_OF } from '../methods/steps';
import { RowsTable } from '../paper/RowsTable';
import { TakeSheet } from '../paper/TakeSheet';
import { limitInWords, oddsInWords, rangeInWords } from '../odds/words';
import { usePlan } from '../plan/usePlan';
import type { Answer } from '../recipe/useRecipe';
import { SaidRecipe, useSaid } from '../sentence/SaidRecipe';
import { Caution } from '../recipe/fields';
import { PliesBeside } from './PliesBeside';
import { StripDrawing } from './StripDrawing';
import { rowsOf } from './words';

/** The sheet for the bench: the piece laid out straight and everything that is measured out, to be read at arm's length. */
export function SheetPart() {
  const { answer, current, take } = usePlan();
  const [system] = useUnits();
  const said = useSaid();
  if (!answer) return null;
  const { recipe, forecast } = answer;
  const rows = rowsOf(forecast.sheet, system);
  const odds = sheetOdds(answer);
  const steps = STEPS_OF[recipe.method.kind];
  return (
    <Dimmed old={!current}>
      <Paper component="section" aria-label="Sheet for the bench" sx={{ p: 2.5 }}>
        <Typography variant="h2">{METHOD[recipe.method.kind]}</Typography>
        <Typography sx={{ mb: 0.5 }}><SaidRecipe recipe={recipe} /></Typography>
        <Typography variant="body2" color="textSecondary" sx={{ mb: 1.5 }}>{odds}</Typography>
        <StripDrawing recipe={recipe} sheet={forecast.sheet} />
        <RowsTable rows={rows} />
        <Typography variant="h3">In the order of work</Typography>
        <Box component="ol" sx={{ mt: 0.5, mb: 1.5, pl: 3, maxWidth: 640, '& li': { pb: 0.5 } }}>{steps.map((step) => <li key={step}>{step}</li>)}</Box>
        <Caution>{methodOf(recipe).caution}</Caution>
      </Paper>
      <Box sx={{ mt: 1.5 }}>
        <TakeSheet old={!current} ask={(sheet) => ({ about: 'bend', asked: { sheet, recipe, drawn: ['LAID_OUT', 'ACROSS'] } })}
          words={{ title: METHOD[recipe.method.kind], lines: [said(recipe), odds], rows, ready: steps, cautions: [methodOf(recipe).caution] }} />
      </Box>
      {factsOf(recipe.method).plies > 1 && factsOf(recipe.method).cleanMm === undefined && <PliesBeside recipe={recipe} current={current} onTake={take} />}
      <HowComputed part="the-sheet" />
    </Dimmed>
  );
}

/** How many hold and what limits it, in a line for the head of a sheet. */
function sheetOdds({ recipe, forecast }: Answer): string {
  const { unbroken, evidence, modes: [limiting], section } = forecast;
  const odds = `${oddsInWords(unbroken.probability, evidence.trialsOfFamily)} hold without breaking, ${rangeInWords(unbroken)}.`;
  return limiting ? `${odds} ${limitInWords(limiting, recipe, section)}` : odds;
}
