import { Box, Button, GlobalStyles, Paper, Typography } from '@mui/material';
import { Dimmed } from '../app/Dimmed';
import { useUnits } from '../app/units';
import { HowComputed } from '../help/HowComputed';
import { METHOD, methodOf, lineOf } from '../methods/forms';
import { usePlan } from '../plan/usePlan';
import { shapeLine, stockLine } from '../recipe/words';
import { Caution } from '../recipe/fields';
import { StripDrawing } from './StripDrawing';
import { MEASURE, valueInWords } from './words';

/** The sheet for the bench: the piece laid out straight and everything that is measured out, to be read at arm's length. */
export function SheetPart() {
  const { answer, current } = usePlan();
  const [system] = useUnits();
  if (!answer) return null;
  const { recipe, forecast } = answer;
  return (
    <Dimmed old={!current}>
      <GlobalStyles styles={ON_PAPER} />
      <Paper component="section" aria-label="Sheet for the bench" className="printed" sx={{ p: 2.5 }}>
        <Box sx={{ display: 'flex', alignItems: 'baseline', flexWrap: 'wrap', columnGap: 2, mb: 0.5 }}>
          <Typography variant="h2">{METHOD[recipe.method.kind]}</Typography>
          <Typography>{shapeLine(recipe, system)}</Typography>
          <Box sx={{ ml: 'auto' }} className="unprinted"><Button variant="outlined" onClick={() => { window.print(); }}>Print</Button></Box>
        </Box>
        <Typography color="text.secondary" sx={{ mb: 1.5 }}>{stockLine(recipe)}; {lineOf(recipe.method, system)}</Typography>
        <StripDrawing recipe={recipe} sheet={forecast.sheet} />
        <Box component="table" sx={TABLE}>
          <tbody>
            {forecast.sheet.map((line) => (
              <tr key={line.measure}>
                <th scope="row">{MEASURE[line.measure]}</th>
                <td>{valueInWords(line, system)}</td>
              </tr>
            ))}
          </tbody>
        </Box>
        <Caution>{methodOf(recipe).caution}</Caution>
      </Paper>
      <Box sx={{ mt: 1 }} className="unprinted"><HowComputed part="the-sheet" /></Box>
    </Dimmed>
  );
}

/** On paper there is the sheet and nothing else, black on white. */
const ON_PAPER = {
  '@media print': {
    'body *': { visibility: 'hidden' },
    '.printed, .printed *': { visibility: 'visible', color: '#000' },
    '.printed': { position: 'absolute', insetInline: 0, top: 0, background: '#fff', fontSize: '14pt' },
    '.printed .unprinted': { display: 'none' },
  },
} as const;

const TABLE = {
  borderCollapse: 'collapse', my: 1.5, width: '100%', maxWidth: 560,
  '& th': { textAlign: 'left', fontWeight: 400, pr: 2, py: 0.6, borderBottom: 1, borderColor: 'divider' },
  '& td': { textAlign: 'right', fontWeight: 600, fontSize: '1.1rem', fontVariantNumeric: 'tabular-nums', py: 0.6, borderBottom: 1, borderColor: 'divider' },
} as const;
