import { Box, Typography } from '@mui/material';
import type { Calibration } from '../api/schema';
import { usePalette } from '../app/palette';
import { many } from '../units/number';

const SIZE = 260;
const LEFT = 46;
const BOTTOM = 34;

/** Said against seen: each group of records where its odds were said to be, as high as it held, with its range. */
export function CalibrationPicture({ calibration }: { calibration: Calibration }) {
  const colours = usePalette();
  const x = (share: number) => LEFT + share * SIZE;
  const y = (share: number) => 8 + (1 - share) * SIZE;
  const text = { fontSize: 12, fill: colours.text.secondary };
  return (
    <Box component="svg" viewBox={`0 0 ${LEFT + SIZE + 12} ${SIZE + BOTTOM + 12}`} role="img" aria-label={describe(calibration)}
      sx={{ width: '100%', maxWidth: 360, display: 'block', fontFamily: 'fontFamily' }}>
      <rect x={x(0)} y={y(1)} width={SIZE} height={SIZE} fill={colours.data.calm} opacity={0.35} />
      <line x1={x(0)} y1={y(0)} x2={x(1)} y2={y(1)} stroke={colours.text.secondary} strokeDasharray="4 5" />
      {[0, 0.5, 1].map((tick) => (
        <g key={tick}>
          <text x={x(tick)} y={y(0) + 17} textAnchor="middle" {...text}>{tick * 10}</text>
          <text x={x(0) - 7} y={y(tick) + 4} textAnchor="end" {...text}>{tick * 10}</text>
        </g>
      ))}
      <text x={x(1)} y={y(0) + 33} textAnchor="end" {...text} fill={colours.text.primary}>said to hold, of ten →</text>
      <text x={12} y={y(1)} transform={`rotate(-90 12 ${y(1)})`} textAnchor="end" {...text} fill={colours.text.primary}>held, of ten →</text>
      {calibration.bins.map((bin) => (
        <g key={bin.forecast} stroke={colours.data.squeeze}>
          <line x1={x(bin.forecast)} x2={x(bin.forecast)} y1={y(bin.low)} y2={y(bin.high)} strokeWidth={2} />
          <circle cx={x(bin.forecast)} cy={y(bin.held)} r={3 + Math.sqrt(bin.trials) / 1.6} fill={colours.background.paper} strokeWidth={2.5} />
        </g>
      ))}
    </Box>
  );
}

function describe({ bins }: Calibration): string {
  return `Said against seen. ${bins.map((b) => `Of ${b.trials} said to hold ${Math.round(b.forecast * 100)} in 100, ${Math.round(b.held * 100)} in 100 did`).join('. ')}.`;
}

/** How much is learned, said plainly: the mean surprise of each way of forecasting. */
export function SurpriseLines({ calibration }: { calibration: Calibration }) {
  const colours = usePalette();
  const rows: [string, number][] = [
    ['your forecasts', calibration.logLoss],
    ['published radii alone', calibration.physicsLogLoss],
    ['always the same odds', calibration.baseRateLogLoss],
  ];
  const most = Math.max(...rows.map(([, loss]) => loss), 0.001);
  return (
    <Box>
      <Typography variant="h3">How surprised each would have been</Typography>
      {rows.map(([name, loss]) => (
        <Box key={name} sx={{ display: 'grid', gridTemplateColumns: '160px 1fr 46px', alignItems: 'center', gap: 1, my: 0.5 }}>
          <Typography variant="body2">{name}</Typography>
          <Box component="svg" viewBox="0 0 100 10" preserveAspectRatio="none" aria-hidden sx={{ width: '100%', height: 12 }}>
            <rect width={(100 * loss) / most} height={10} fill={colours.data.squeeze} />
          </Box>
          <Typography variant="body2">{loss.toFixed(2)}</Typography>
        </Box>
      ))}
      <Typography variant="body2" color="textSecondary">
        Mean log loss, each of {many(calibration.trials, 'record', 'records')} forecast without itself; shorter is better.
        {calibration.unforecast > 0 && ` ${calibration.unforecast} split along the grain, which is not forecast, and ${calibration.unforecast === 1 ? 'is' : 'are'} left out.`}
      </Typography>
    </Box>
  );
}
