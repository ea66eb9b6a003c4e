import { Box, Button, Typography } from '@mui/material';
import { useRowsWaiting } from '../api/exchange';
import { useTrialCounts } from '../api/queries';
import { inThisShop } from '../api/shop';
import { useNotice } from '../app/notice';
import { useUnits } from '../app/units';
import { many } from '../units/number';
import { Backup } from './Backup';
import { BringIn } from './BringIn';
import { OtherShops, TablesBroughtIn } from './BroughtIn';
import { WaitingRow } from './WaitingRow';

/** Records in and out as tables. */
export function TablesView() {
  return (
    <Box sx={{ display: 'grid', gap: 3 }}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'end' }}>
        <Box sx={{ flexGrow: 1 }}>
          <Typography variant="h1">Import and export</Typography>
          <Typography color="textSecondary">Bends you have in a table or notebook come in here; yours leave as a table, a workbook or a document.</Typography>
        </Box>
        <TakeOut />
      </Box>
      <Waiting />
      <BringIn />
      <TablesBroughtIn />
      <OtherShops />
      <Backup />
    </Box>
  );
}

function TakeOut() {
  const [units] = useUnits();
  const { data } = useTrialCounts();
  const all = data && data.clean + data.flawed + data.broken - data.ofOtherShops;
  const asked = `units=${units === 'inch' ? 'INCH' : 'METRIC'}`;
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
      <Button variant="outlined" component="a" download disabled={!data} href={inThisShop(`/api/exchange/trials?${asked}`)}>
        Export {all === undefined ? 'your bends' : many(all, 'bend', 'bends')} in {units === 'inch' ? 'inches and °F' : 'mm and °C'}
      </Button>
      <Button component="a" download disabled={!data} href={inThisShop(`/api/exchange/workbook?${asked}`)}>As a workbook</Button>
      <Button component="a" download disabled={!data} href={inThisShop('/api/exchange/document')}>As a JSON document</Button>
    </Box>
  );
}

function Waiting() {
  const { data = [] } = useRowsWaiting();
  const notify = useNotice();
  if (data.length === 0) return null;
  return (
    <Box component="section" aria-label="Waiting to be mended" sx={{ display: 'grid', gap: 1 }}>
      <Typography variant="h2">{many(data.length, 'row waits', 'rows wait')} to be mended</Typography>
      <Typography color="textSecondary">No forecast counts {data.length === 1 ? 'it' : 'them'} yet.</Typography>
      {data.map((kept) => (
        <WaitingRow key={`${kept.id} ${kept.version}`} kept={kept}
          onMended={() => {
            notify({ message: `Line ${kept.row.line} of ${kept.fileName} is a bend now.` });
          }} />
      ))}
    </Box>
  );
}
