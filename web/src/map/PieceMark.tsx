import type { PieceOnMap } from '../api/schema';

const LINE = { stroke: '#ffffff', strokeWidth: 3.4 };
const INK = { stroke: '#10212a', strokeWidth: 1.7 };

interface PieceMarkProps {
  x: number;
  y: number;
  severity: PieceOnMap['severity'];
  faint?: boolean;
  /** Shown when it is pointed at. */
  title?: string;
}

/** A recorded piece: a ring held clean, a wedge held with a flaw, a cross broke. */
export function PieceMark({ x, y, severity, faint = false, title }: PieceMarkProps) {
  const shape = { CLEAN: 'M-5 0a5 5 0 1 0 10 0a5 5 0 1 0 -10 0', FLAW: 'M-5.5 4.5L0 -5.5L5.5 4.5Z', BROKEN: 'M-5 -5L5 5M-5 5L5 -5' }[severity];
  return (
    <g transform={`translate(${x} ${y})`} fill="none" opacity={faint ? 0.35 : 1}>
      {title && <title>{title}</title>}
      <path d={shape} {...LINE} />
      <path d={shape} {...INK} />
    </g>
  );
}
