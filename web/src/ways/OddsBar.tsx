import { Box } from '@mui/material';
import type { Odds } from '../api/schema';

const WIDTH = 110;

/** Odds with their range on a line from none to all. */
export function OddsBar({ odds: { probability, low, high }, good }: { odds: Odds; good: boolean }) {
  const x = (share: number) => 5 + share * (WIDTH - 10);
  return (
    <Box component="svg" viewBox={`0 0 ${WIDTH} 14`} aria-hidden sx={{ width: WIDTH, flexShrink: 0, color: good ? 'data.clean' : 'text.secondary' }}>
      <Box component="line" x1={x(0)} x2={x(1)} y1={7} y2={7} strokeWidth={3} sx={{ stroke: (theme) => theme.vars?.palette.divider }} />
      <line x1={x(low)} x2={x(high)} y1={7} y2={7} stroke="currentColor" strokeWidth={3} />
      <Box component="circle" cx={x(probability)} cy={7} r={4.5} sx={{ fill: (theme) => theme.vars?.palette.text.primary }} />
    </Box>
  );
}
