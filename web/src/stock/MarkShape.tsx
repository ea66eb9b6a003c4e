import type { MarkFields } from '../api/schema';
import { usePalette } from '../app/palette';

/** Something seen on a board, drawn where and as large as it is; in mm from the board's upper left corner. */
export function MarkShape({ mark, top }: { mark: MarkFields; top: number }) {
  const { text, data } = usePalette();
  const { kind, alongMm: x, lengthMm: length, widthMm: width } = mark;
  const middle = { x: x + length / 2, y: top + width / 2 };
  const line = { fill: 'none', stroke: text.primary, strokeWidth: 1.4, vectorEffect: 'non-scaling-stroke' } as const;
  switch (kind) {
    case 'KNOT':
      return [1, 0.62, 0.28].map((share) => (
        <ellipse key={share} cx={middle.x} cy={middle.y} rx={(length / 2) * share} ry={(width / 2) * share} {...line} fill={data.strap} fillOpacity={0.28} />
      ));
    case 'WILD_GRAIN':
      return [0.2, 0.4, 0.6, 0.8].map((share) => <path key={share} d={wave(x, top + width * share, length, width / 7)} {...line} />);
    case 'WORM':
      return [[0.2, 0.3], [0.5, 0.7], [0.8, 0.25], [0.35, 0.8], [0.65, 0.2]].map(([along = 0, across = 0]) => (
        <circle key={along} cx={x + length * along} cy={top + width * across} r={Math.min(length, width) / 9 + 0.8} fill={text.primary} />
      ));
    case 'CHECK':
      return <path d={`M${x} ${middle.y}l${length * 0.3} ${-width / 2}l${length * 0.25} ${width}l${length * 0.45} ${-width / 2}`} {...line} strokeWidth={2.2} />;
    case 'BARK':
      return <rect x={x} y={top} width={length} height={width} fill={data.strap} fillOpacity={0.75} />;
    case 'SAPWOOD':
      return <rect x={x} y={top} width={length} height={width} fill={data.calm} fillOpacity={0.9} stroke={text.secondary} strokeDasharray="4 3" strokeWidth={1} vectorEffect="non-scaling-stroke" />;
  }
}

function wave(x: number, y: number, length: number, height: number): string {
  const quarter = length / 4;
  return `M${x} ${y}q${quarter / 2} ${-height * 2} ${quarter} 0t${quarter} 0t${quarter} 0t${quarter} 0`;
}
