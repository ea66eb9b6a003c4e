import { Box, Button, FormControlLabel, Link, Switch, Typography } from '@mui/material';
import { useOtherShopChange, useOtherShops, useTablesBroughtIn } from '../api/exchange';
import type { OtherShopView, TableView } from '../api/schema';
import { inThisShop } from '../api/shop';
import { useNotice } from '../app/notice';
import { printDay, today } from '../units/days';
import { many } from '../units/number';
import { useTakeBack } from './useTakeBack';

const LINE = { borderTop: 1, borderColor: 'divider', py: 0.5, minHeight: 52, display: 'flex', flexWrap: 'wrap', alignItems: 'center', columnGap: 2 } as const;
const LIST = { listStyle: 'none', p: 0, m: 0 } as const;

/** Tables that were brought in, each to be taken back as a whole. */
export function TablesBroughtIn() {
  const { data = [] } = useTablesBroughtIn();
  // of the list and not of its lines: a line is gone before it could say so
  const { take, busy } = useTakeBack();
  if (data.length === 0) return null;
  return (
    <Box component="section" aria-label="Tables brought in">
      <Typography variant="h2" gutterBottom>Brought in so far</Typography>
      <Box component="ul" sx={LIST}>
        {data.map((table) => <OneTable key={table.id} table={table} busy={busy} onTakeBack={() => { take(table.id, table.fileName); }} />)}
      </Box>
    </Box>
  );
}

function OneTable({ table: { fileName, broughtAt, trials, otherShop }, busy, onTakeBack }: { table: TableView; busy: boolean; onTakeBack: () => void }) {
  return (
    <Box component="li" sx={LINE}>
      <Typography sx={{ flexGrow: 1, minWidth: 0, overflowWrap: 'anywhere' }}>
        {fileName}
        <Typography component="span" variant="body2" color="textSecondary" sx={{ ml: 1 }}>
          {many(trials, 'bend', 'bends')}{otherShop === undefined ? '' : ` of ${otherShop}`}, {printDay(today(new Date(broughtAt)))}
        </Typography>
      </Typography>
      <Button size="small" aria-label={`Take back ${fileName}`} disabled={busy} onClick={onTakeBack}>Take back</Button>
    </Box>
  );
}

/** Shops whose bends came in: whether forecasts count them, and a way to hand them on as that shop’s. */
export function OtherShops() {
  const { data = [] } = useOtherShops();
  if (data.length === 0) return null;
  return (
    <Box component="section" aria-label="Other shops">
      <Typography variant="h2" gutterBottom>Other shops</Typography>
      <Typography color="textSecondary" gutterBottom sx={{ maxWidth: '70ch' }}>
        How one shop measures, judges and bends is not how another does: each has an effect of its own in every forecast, learned from its bends.
      </Typography>
      <Box component="ul" sx={LIST}>
        {data.map((shop) => <OneShop key={shop.id} shop={shop} />)}
      </Box>
    </Box>
  );
}

function OneShop({ shop }: { shop: OtherShopView }) {
  const change = useOtherShopChange();
  const notify = useNotice();
  const count = (counted: boolean) => {
    change.mutate({ ...shop, counted }, { onError: (error) => { notify({ message: error.message }); } });
  };
  return (
    <Box component="li" sx={LINE}>
      <Typography sx={{ flexGrow: 1, minWidth: 0, overflowWrap: 'anywhere' }}>
        {shop.name}
        <Typography component="span" variant="body2" color="textSecondary" sx={{ ml: 1 }}>{many(shop.trials, 'bend', 'bends')}</Typography>
      </Typography>
      <FormControlLabel control={<Switch checked={shop.counted} disabled={change.isPending} onChange={(_, counted) => { count(counted); }} />} label={`Count ${shop.name} in forecasts`} />
      <Link href={inThisShop(`/api/exchange/document?otherShop=${shop.id}`)} download>Export</Link>
    </Box>
  );
}
