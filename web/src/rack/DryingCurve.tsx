import { Box } from '@mui/material';
import type { DryingView } from '../api/schema';
import { usePalette } from '../app/palette';
import { useOnPhone } from '../app/phone';
import { daysBetween, today } from '../units/days';

const WIDTH = 520;
const WIDTH_ON_PHONE = 350;
const HEIGHT = 200;
const LEFT = 40;
const RIGHT = 12;
const TOP = 12;
const BOTTOM = 168;

/** Weigh-ins, the fitted curve with its range, and the lines at ten and eight per cent. */
export function DryingCurve({ drying }: { drying: DryingView }) {
  const colours = usePalette();
  const width = useOnPhone() ? WIDTH_ON_PHONE : WIDTH;
  const { curve, readings, piece } = drying;
  const lastDay = curve.at(-1)?.days ?? 1;
  const highest = Math.max(piece.startMoisturePercent, ...readings.map((r) => r.moisturePercent), 12) + 1;
  const x = (days: number) => LEFT + (days / lastDay) * (width - LEFT - RIGHT);
  const y = (percent: number) => BOTTOM - ((percent - 4) / (highest - 4)) * (BOTTOM - TOP);
  const line = (points: [number, number][]) =>
    points.map(([days, percent], i) => `${i === 0 ? 'M' : 'L'}${x(days).toFixed(1)} ${y(percent).toFixed(1)}`).join('');
  const band =
    line(curve.map((d) => [d.days, d.moisturePercent.high])) +
    line(curve.map((d): [number, number] => [d.days, d.moisturePercent.low]).reverse()).replace('M', 'L') + 'Z';
  const now = daysBetween(piece.startedOn, today());
  const text = { fontSize: 13, fill: colours.text.secondary };
  return (
    <Box component="svg" viewBox={`0 0 ${width} ${HEIGHT}`} role="img" aria-label={describe(drying)}
      sx={{ width: '100%', display: 'block', fontFamily: 'fontFamily' }}>
      <path d={band} fill={colours.data.squeeze} opacity={0.22} />
      {[10, 8].map((percent) => (
        <g key={percent}>
          <line x1={LEFT} x2={width - RIGHT} y1={y(percent)} y2={y(percent)} stroke={colours.text.secondary} strokeDasharray="3 5" />
          <text x={LEFT - 6} y={y(percent) + 4} textAnchor="end" {...text}>{percent} %</text>
        </g>
      ))}
      <text x={LEFT - 6} y={y(piece.startMoisturePercent) + 4} textAnchor="end" {...text}>
        {Math.round(piece.startMoisturePercent)} %
      </text>
      <path d={line(curve.map((d) => [d.days, d.moisturePercent.middle]))} fill="none" stroke={colours.data.squeeze} strokeWidth={2.5} />
      {now >= 0 && now <= lastDay && (
        <g>
          <line x1={x(now)} x2={x(now)} y1={TOP} y2={BOTTOM} stroke={colours.data.stretch} strokeWidth={1.5} />
          <text x={x(now) + 5} y={TOP + 10} {...text} fill={colours.text.primary}>today</text>
        </g>
      )}
      {readings.map((reading, i) =>
        reading.byScale ? (
          <rect key={i} x={x(reading.days) - 5} y={y(reading.moisturePercent) - 5} width={10} height={10}
            fill={colours.background.paper} stroke={colours.text.primary} strokeWidth={2} />
        ) : (
          <circle key={i} cx={x(reading.days)} cy={y(reading.moisturePercent)} r={5.5} fill={colours.background.paper}
            stroke={colours.text.primary} strokeWidth={2} />
        ),
      )}
      <line x1={LEFT} x2={width - RIGHT} y1={BOTTOM} y2={BOTTOM} stroke={colours.text.secondary} />
      {ticks(lastDay).map((day) => (
        <text key={day} x={x(day)} y={BOTTOM + 18} textAnchor="middle" {...text}>
          {day === 0 ? 'start' : `${day} d`}
        </text>
      ))}
    </Box>
  );
}

/** Whole days that divide the time shown into about five. */
function ticks(lastDay: number): number[] {
  const step = [1, 2, 3, 5, 7, 10, 14, 28].find((s) => lastDay / s <= 6) ?? 28;
  return Array.from({ length: Math.floor(lastDay / step) + 1 }, (_, i) => i * step);
}

function describe({ piece, readings, curve }: DryingView): string {
  const read = readings.map((r) => `${r.moisturePercent.toFixed(1)} per cent on day ${r.days}`).join(', ');
  const end = curve.at(-1);
  return (
    `Drying of ${piece.name}: from ${piece.startMoisturePercent} per cent` +
    (read ? `; found ${read}` : '; not weighed yet') +
    (end ? `; expected ${end.moisturePercent.middle.toFixed(1)} per cent on day ${Math.round(end.days)}.` : '.')
  );
}
