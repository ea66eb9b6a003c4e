import { usePalette } from '../app/palette';
import { useUnits } from '../app/units';
import { printLength } from '../units/printing';
import { band } from './geometry';

/** A plate across its grain, as its former is there. */
export interface Across {
  riseMm: number;
  widthMm: number;
  thicknessMm: number;
}

/** Room it takes below a drawing, with its label [mm]. */
export function acrossHeight({ riseMm, thicknessMm }: Across, text: number): number {
  return riseMm + thicknessMm + text * 3.4;
}

interface AcrossViewProps {
  across: Across;
  /** Where the middle of its outer face is, and how large words are [mm]. */
  top: number;
  text: number;
}

/** The curve of a plate across its grain, on the scale of the drawing above it. */
export function AcrossView({ across: { riseMm, widthMm, thicknessMm }, top, text }: AcrossViewProps) {
  const [system] = useUnits();
  const colours = usePalette();
  const half = 2 * Math.atan((2 * riseMm) / widthMm);
  const radius = widthMm / (2 * Math.sin(half));
  const base = top + thicknessMm + riseMm;
  return (
    <g>
      <path transform={`translate(0 ${top + thicknessMm + radius})`} d={band(radius, radius + thicknessMm, half, 0)} fill={colours.data.calm}
        stroke={colours.text.primary} strokeWidth={text * 0.045} />
      <line x1={-widthMm / 2} x2={widthMm / 2} y1={base} y2={base} stroke={colours.text.secondary} strokeWidth={text * 0.06}
        strokeDasharray={`${text * 0.5} ${text * 0.35}`} />
      <text x={0} y={base + text * 1.1} fontSize={text} textAnchor="middle" fill={colours.text.primary} dominantBaseline="central">
        {`across: rises ${printLength(riseMm, system)} over ${printLength(widthMm, system)}`}
      </text>
    </g>
  );
}
