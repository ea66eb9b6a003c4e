import { Box, Typography } from '@mui/material';
import type { BenchView } from '../api/schema';
import { usePalette } from '../app/palette';
import { useUnits } from '../app/units';
import { printTime } from '../process/time';
import { printTemperature } from '../units/printing';

const WIDTH = 560;
const HEIGHT = 120;
const LEAST_RANGE_K = 10;

/** What a thermometer in the heat showed since the piece went in. */
export function ChamberCurve({ readings }: { readings: BenchView['chamber'] }) {
  const [system] = useUnits();
  const colours = usePalette().data;
  const last = readings.at(-1);
  if (!last || readings.length < 2) return null;
  const coldest = Math.min(...readings.map(({ celsius }) => celsius));
  const hottest = Math.max(...readings.map(({ celsius }) => celsius));
  // a chamber that keeps its heat is drawn as a line, not as its noise
  const range = Math.max(hottest - coldest, LEAST_RANGE_K);
  const x = (seconds: number) => (seconds / Math.max(1, last.seconds)) * WIDTH;
  const y = (celsius: number) => HEIGHT - ((celsius - coldest) / range) * HEIGHT;
  const line = readings.map(({ seconds, celsius }) => `${x(seconds).toFixed(1)},${y(celsius).toFixed(1)}`).join(' ');
  return (
    <Box component="figure" sx={{ m: 0 }}>
      <Box component="svg" viewBox={`-2 -6 ${WIDTH + 4} ${HEIGHT + 12}`} role="img" preserveAspectRatio="none"
        aria-label={`The chamber from ${printTemperature(coldest, system)} to ${printTemperature(hottest, system)} in ${printTime(last.seconds)}`}
        sx={{ width: '100%', height: 110, display: 'block', borderLeft: 1, borderBottom: 1, borderColor: 'divider' }}>
        <polyline points={line} fill="none" stroke={colours.stretch} strokeWidth={2.5} vectorEffect="non-scaling-stroke" />
      </Box>
      <Typography component="figcaption" variant="body2" color="textSecondary">
        Chamber {printTemperature(last.celsius, system)}, from {printTemperature(coldest, system)} in {printTime(last.seconds)}
      </Typography>
    </Box>
  );
}
