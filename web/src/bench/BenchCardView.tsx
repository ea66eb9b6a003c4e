import { Box, Button, Paper, Typography } from '@mui/material';
import { Link as RouterLink, useParams } from 'react-router';
import { useForecast, useSpecies } from '../api/queries';
import type { BenchView } from '../api/schema';
import { NotHere } from '../app/NotHere';
import { useUnits } from '../app/units';
import { BendDrawing } from '../bend/BendDrawing';
import { factsOf, methodOf } from '../methods/forms';
import { RowsTable } from '../paper/RowsTable';
import { TakeSheet } from '../paper/TakeSheet';
import { Caution } from '../recipe/fields';
import { SaidRecipe, useSaid } from '../sentence/SaidRecipe';
import { rowsOf } from '../sheet/words';
import { useBench } from './useBench';
import { cardOf, checklist } from './words';

/** What is written down by hand while it is made. */
const BY_HAND = ['Into the heat at', 'Pulled at', 'Clamped at', 'Off the form on', 'Moisture, radius', 'What was seen'];

/** A piece under way on one page, to lie beside it: drawn, its settings, what to have ready, room to write, and a code that leads to its clock. */
export function BenchCardView() {
  const { id } = useParams();
  const { bench, error } = useBench();
  if (error && !bench) return <Typography role="alert">{error.message}</Typography>;
  if (!bench) return <Typography role="status">Reading the bench …</Typography>;
  const piece = bench.pieces.find((each) => String(each.id) === id);
  return piece ? <Card piece={piece} /> : <NotHere />;
}

function Card({ piece }: { piece: BenchView }) {
  const [system] = useUnits();
  const said = useSaid();
  const { data: forecast } = useForecast(piece.recipe);
  const { data: species = [] } = useSpecies();
  const { recipe, name } = piece;
  const wood = species.find(({ id }) => id === recipe.blank.speciesId)?.commonName ?? '';
  const place = `/bench#${cardOf(piece)}`;
  const words = {
    title: name, lines: [said(recipe)],
    rows: forecast ? rowsOf(forecast.sheet, system) : [], ready: checklist(factsOf(recipe.method)), byHand: BY_HAND, cautions: [methodOf(recipe).caution], code: `${window.location.origin}${place}`,
  };
  return (
    <>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'flex-end', gap: 2, mb: 2 }}>
        <TakeSheet words={words} old={!forecast || wood === ''} ask={(sheet) => ({ about: 'bend', asked: { sheet, recipe, drawn: ['BENT'] } })} />
        <Button component={RouterLink} to={place} sx={{ mb: 1 }}>To its clock</Button>
      </Box>
      <Paper component="section" aria-label="On paper" sx={{ maxWidth: 640, p: 2.5 }}>
        <Typography variant="h1" sx={{ mb: 0.5 }}>{name}</Typography>
        <Typography><SaidRecipe recipe={recipe} /></Typography>
        <Box sx={{ height: 190, my: 1 }}>{forecast && <BendDrawing recipe={recipe} section={forecast.section} sheet={forecast.sheet} lettering={1.3} />}</Box>
        <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' }, columnGap: 3, alignItems: 'start' }}>
          <RowsTable rows={words.rows} narrow />
          <Box component="ul" aria-label="To have ready" sx={{ listStyle: '"☐  "', m: 0, pl: 2.5, fontSize: '0.9rem' }}>{words.ready.map((line) => <li key={line}>{line}</li>)}</Box>
        </Box>
        <Typography variant="body2" color="textSecondary" sx={{ mt: 1.5 }}>
          On paper there is room to write when it went in, was pulled and clamped, and a square code that opens its clock on the phone.
        </Typography>
        <Box sx={{ mt: 1.5 }}><Caution>{methodOf(recipe).caution}</Caution></Box>
      </Paper>
    </>
  );
}
