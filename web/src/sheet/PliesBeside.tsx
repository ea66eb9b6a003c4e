import { Box, Button, Typography } from '@mui/material';
import { usePliesCompared } from '../api/advice';
import type { PliesView, RecipeFields } from '../api/schema';
import { Dimmed } from '../app/Dimmed';
import { useUnits } from '../app/units';
import { springbackLengths } from '../odds/groundsInWords';
import { oddsInWords } from '../odds/words';
import { printLength } from '../units/printing';
import { MEASURE, valueInWords } from './words';

interface PliesBesideProps {
  recipe: RecipeFields;
  current: boolean;
  onTake: (recipe: RecipeFields) => void;
}

/** A glued section in thick plies and thin ones: odds, springback, glue lines, clamps, what ripping wastes; each planned by a tap. */
export function PliesBeside({ recipe, current, onTake }: PliesBesideProps) {
  const [system] = useUnits();
  const { data, isPlaceholderData, error } = usePliesCompared(recipe);
  return (
    <Box component="section" aria-label="In other plies" sx={{ mt: 3 }}>
      <Typography variant="h2" sx={{ mb: 1 }}>The same section in other plies</Typography>
      {error && <Typography color="error">{error.message}</Typography>}
      <Dimmed old={isPlaceholderData || !current} sx={{ minHeight: 300, overflowX: 'auto' }}>
        {data && (
          <Box component="table" sx={TABLE}>
            <thead><tr>{['Plies', 'Each', 'Hold', 'Springs back to', MEASURE.CLOSING, 'Fence step', 'Sawn to dust', ''].map((head) => <th key={head} scope="col">{head}</th>)}</tr></thead>
            <tbody>
              {data.map((each) => (
                <tr key={each.plies}>
                  <th scope="row">{each.plies}</th>
                  <td>{printLength(each.recipe.blank.thicknessMm, system)}</td>
                  <td>{oddsInWords(each.unbroken.probability)}</td>
                  <td>{springbackLengths(each.springback, system).released}</td>
                  <td>{closing(each, system)}</td>
                  <td>{printLength(each.fenceStepMm, system)}</td>
                  <td>{Math.round(each.waste * 100)} %</td>
                  <td>{each.planned ? 'your plan' : <Button size="small" onClick={() => { onTake(each.recipe); }}>Use this</Button>}</td>
                </tr>
              ))}
            </tbody>
          </Box>
        )}
      </Dimmed>
    </Box>
  );
}

/** How long it takes to close, beside how long the glue stays open. */
function closing({ sheet }: PliesView, system: 'inch' | 'metric'): string {
  const said = (measure: 'CLOSING' | 'OPEN_TIME') => {
    const line = sheet.find((each) => each.measure === measure);
    return line ? valueInWords(line, system) : '';
  };
  return `${said('CLOSING')} of ${said('OPEN_TIME')}`;
}

const CELL = { py: 0.5, pr: 2, borderBottom: 1, borderColor: 'divider', textAlign: 'left', whiteSpace: 'nowrap' } as const;
const TABLE = {
  borderCollapse: 'collapse', minWidth: 640,
  '& th': { ...CELL, fontWeight: 600 }, '& thead th': { ...CELL, fontWeight: 400, color: 'text.secondary', whiteSpace: 'normal', verticalAlign: 'bottom' },
  '& td': { ...CELL, fontVariantNumeric: 'tabular-nums' },
} as const;
