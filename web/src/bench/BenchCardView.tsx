import { Box, Typography } from '@mui/material';
import { QRCodeSVG } from 'qrcode.react';
import { useParams } from 'react-router';
import { useForecast, useSpecies } from '../api/queries';
import type { BenchView } from '../api/schema';
import { NotHere } from '../app/NotHere';
import { useUnits } from '../app/units';
import { BendDrawing } from '../bend/BendDrawing';
import { Printed } from '../logbook/Printed';
import { factsOf, lineOf, METHOD, methodOf } from '../methods/forms';
import { Caution } from '../recipe/fields';
import { shapeLine, stockLine } from '../recipe/words';
import { MEASURE, valueInWords } from '../sheet/words';
import { useBench } from './useBench';
import { cardOf, checklist } from './words';

/** What is written down by hand while it is made. */
const BY_HAND = ['Into the heat at', 'Pulled at', 'Clamped at', 'Off the form on', 'Moisture, radius', 'What was seen'] as const;

/** A piece under way on one page, to lie beside it: drawn, its settings, what to have ready, room to write, and the way to its clock. */
export function BenchCardView() {
  const { id } = useParams();
  const { bench, error } = useBench();
  if (error && !bench) return <Typography role="alert">{error.message}</Typography>;
  if (!bench) return <Typography role="status">Reading the bench …</Typography>;
  const piece = bench.pieces.find((each) => String(each.id) === id);
  return piece ? <Printed back={`/bench#${cardOf(piece)}`} backTo="To its clock" letters="9.5pt"><Card piece={piece} /></Printed> : <NotHere />;
}

function Card({ piece }: { piece: BenchView }) {
  const [system] = useUnits();
  const { data: forecast } = useForecast(piece.recipe);
  const { data: species = [] } = useSpecies();
  const { recipe } = piece;
  const address = `${window.location.origin}/bench#${cardOf(piece)}`;
  return (
    <>
      <Box sx={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr) 116px', gap: 2 }}>
        <Box>
          <Typography variant="h1" sx={{ mb: 0.5 }}>{piece.name}</Typography>
          <Typography>{METHOD[recipe.method.kind]}. {species.find(({ id }) => id === recipe.blank.speciesId)?.commonName}, {shapeLine(recipe, system)}.</Typography>
          <Typography variant="body2">{stockLine(recipe)}; {lineOf(recipe.method, system)}</Typography>
        </Box>
        <QRCodeSVG value={address} size={112} marginSize={2} title={`Leads to the clock of ${piece.name}: ${address}`} />
      </Box>
      <Box sx={{ height: 190, my: 1, '@media print': { height: 150 } }}>{forecast && <BendDrawing recipe={recipe} section={forecast.section} sheet={forecast.sheet} lettering={1.3} />}</Box>
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', columnGap: 3, alignItems: 'start', '& table': { width: '100%', borderCollapse: 'collapse' }, '& th': LEFT, '& td': RIGHT }}>
        <table>
          <tbody>
            {forecast?.sheet.map((line) => (
              <tr key={line.measure}><th scope="row">{MEASURE[line.measure]}</th><td>{valueInWords(line, system)}</td></tr>
            ))}
          </tbody>
        </table>
        <Box component="ul" aria-label="To have ready" sx={{ listStyle: '"☐  "', m: 0, pl: 2.5, fontSize: '0.9rem' }}>
          {checklist(factsOf(recipe.method)).map((line) => <li key={line}>{line}</li>)}
        </Box>
      </Box>
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', columnGap: 3, mt: 1.5 }}>
        {BY_HAND.map((line) => <Typography key={line} variant="body2" sx={{ borderBottom: 1, borderColor: 'text.primary', pt: 2.25 }}>{line}</Typography>)}
      </Box>
      <Box sx={{ mt: 1.5 }}><Caution>{methodOf(recipe).caution}</Caution></Box>
    </>
  );
}

const LEFT = { textAlign: 'left', fontWeight: 400, py: 0.25, borderBottom: 1, borderColor: 'divider' } as const;
const RIGHT = { textAlign: 'right', fontWeight: 600, py: 0.25, borderBottom: 1, borderColor: 'divider', fontVariantNumeric: 'tabular-nums' } as const;
