import { Box, Typography } from '@mui/material';
import type { ChamberReading } from '../api/schema';
import { usePalette } from '../app/palette';
import { useUnits } from '../app/units';
import { printTemperature } from '../units/printing';

const WIDTH = 300;
const HEIGHT = 90;

/** What heats it as a thermometer wrote it down, beside the temperature that was wanted. */
export function ChamberRecord({ readings, wantedC, heat }: { readings: ChamberReading[]; wantedC: number | undefined; heat: string }) {
  const colours = usePalette();
  const [system] = useUnits();
  const last = readings.at(-1);
  if (!last || wantedC === undefined) return null;
  const x = (minutes: number) => (minutes / Math.max(1, last.minutes)) * WIDTH;
  const y = (celsius: number) => HEIGHT - ((celsius - 15) / 95) * HEIGHT;
  const hottest = Math.max(...readings.map((reading) => reading.celsius));
  return (
    <Box sx={{ mt: 1.5 }}>
      <Typography variant="body2" color="textSecondary">
        The {heat} came to {printTemperature(hottest, system)}; {printTemperature(wantedC, system)} was wanted.
      </Typography>
      <Box component="svg" viewBox={`-2 0 ${WIDTH + 4} ${HEIGHT}`} aria-hidden sx={{ width: '100%', maxWidth: 340, display: 'block' }}>
        <line x1={0} x2={WIDTH} y1={y(wantedC)} y2={y(wantedC)} stroke={colours.text.secondary} strokeDasharray="4 4" />
        <path d={readings.map((r, i) => `${i === 0 ? 'M' : 'L'}${x(r.minutes).toFixed(1)} ${y(r.celsius).toFixed(1)}`).join('')}
          fill="none" stroke={colours.data.stretch} strokeWidth={2.5} />
      </Box>
    </Box>
  );
}
