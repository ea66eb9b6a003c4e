import { Box, Typography } from '@mui/material';
import type { AskedCurve } from '../api/curves';
import type { StrapReading } from '../api/schema';
import { Dimmed } from '../app/Dimmed';
import { useUnits } from '../app/units';
import { HowComputed } from '../help/HowComputed';
import { strapInWords } from '../odds/groundsInWords';
import { RowsTable } from '../paper/RowsTable';
import { TakeSheet } from '../paper/TakeSheet';
import { STRAP_CAUTION, strapRows } from './words';

/** The strap of a curve: how long, what it bears, how its stops are bolted on. */
export function StrapPart({ curve, strap, name, old }: { curve: AskedCurve; strap: StrapReading; name: string; old: boolean }) {
  const [system] = useUnits();
  const rows = strapRows(strap, system);
  const bears = strapInWords({ strapPullN: strap.pullN, strapStressMpa: strap.stressMpa, strapBearsMpa: strap.bearsMpa, endPressureMpa: strap.endPressureMpa, endCrushingMpa: strap.endCrushingMpa }, system);
  return (
    <Box component="section" aria-label="The strap" sx={{ mt: 3 }}>
      <Typography variant="h2" sx={{ mb: 1 }}>The strap</Typography>
      <Dimmed old={old}>
        <RowsTable rows={rows} />
        <Typography sx={{ maxWidth: 640 }}>{bears}</Typography>
      </Dimmed>
      <Box sx={{ mt: 1 }}>
        <TakeSheet old={old} words={{ title: `${name || 'Curve'}: the strap`, lines: [bears], rows, cautions: [STRAP_CAUTION] }} ask={(sheet) => ({ about: 'strap', asked: { sheet, curve } })} />
      </Box>
      <HowComputed part="curves" />
    </Box>
  );
}
