import { Box, Button, Typography } from '@mui/material';
import type { DayPieceView } from '../api/schema';

const MINUTE_MS = 60_000;
const STEPS = [
  { label: 'A day sooner', ms: -1440 * MINUTE_MS }, { label: 'An hour sooner', ms: -60 * MINUTE_MS }, { label: '15 min sooner', ms: -15 * MINUTE_MS },
  { label: '15 min later', ms: 15 * MINUTE_MS }, { label: 'An hour later', ms: 60 * MINUTE_MS }, { label: 'A day later', ms: 1440 * MINUTE_MS },
];

/** A piece that was chosen, what keeps it from going on sooner, and to have it go on sooner or later; all others are planned round it. */
export function Moving({ piece, kept, onMove }: { piece: DayPieceView; kept: string | undefined; onMove: (byMs: number) => void }) {
  return (
    <Box role="group" aria-label={`Move ${piece.name}`} sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 0.5, mt: 1 }}>
      <Typography sx={{ mr: 1 }}><strong>{piece.name}</strong></Typography>
      {piece.jobId === undefined ? <Typography color="textSecondary">It is of no job, and goes on when it is ready.</Typography>
        : STEPS.map(({ label, ms }) => <Button key={label} size="small" onClick={() => { onMove(ms); }}>{label}</Button>)}
      {kept && <Typography variant="body2" sx={{ flexBasis: '100%' }}>Not sooner: {kept}.</Typography>}
    </Box>
  );
}
