import { Box } from '@mui/material';
import { useMemo, type KeyboardEvent, type PointerEvent } from 'react';
import type { MapAnswer, PieceOnMap } from '../api/schema';
import { usePalette } from '../app/palette';
import { useOnPhone } from '../app/phone';
import { useUnits, type UnitSystem } from '../app/units';
import { oddsInWords } from '../odds/words';
import { SEVERITY } from '../trials/words';
import { printLength } from '../units/printing';
import { PieceMark } from './PieceMark';
import { cellAt, contourPaths, FRAME, FRAME_ON_PHONE, placeOf, valueAt, type Frame } from './geometry';
import { SHADES } from './shades';

const LINES = [0.5, 0.8, 0.9, 0.95];
const STEP = 1.03;

interface MapPictureProps {
  map: MapAnswer;
  thicknessMm: number;
  radiusMm: number;
  /** What lies on the outer face; pieces with something else there are drawn faint. */
  support: PieceOnMap['support'];
  onMove: (thicknessMm: number, radiusMm: number) => void;
}

/** Thickness against radius, shaded by the odds, with the shop's own pieces and this piece as the cross-hair. */
export function MapPicture({ map, thicknessMm, radiusMm, support, onMove }: MapPictureProps) {
  const colours = usePalette();
  const [system] = useUnits();
  const frame = useOnPhone() ? FRAME_ON_PHONE : FRAME;
  const shades = useMemo(() => contourPaths(frame, map, map.unbroken, SHADES.slice(1).map(([from]) => from)), [frame, map]);
  const lines = useMemo(() => contourPaths(frame, map, map.unbroken, LINES), [frame, map]);
  const surely = useMemo(() => contourPaths(frame, map, map.low, [0.8])[0]?.path, [frame, map]);
  const here = placeOf(frame, map, thicknessMm, radiusMm);
  const { left, top, width, height, bottom } = frame;
  const press = (event: KeyboardEvent) => {
    const by = { ArrowRight: [STEP, 1], ArrowLeft: [1 / STEP, 1], ArrowUp: [1, STEP], ArrowDown: [1, 1 / STEP] }[event.key];
    if (!by) return;
    event.preventDefault();
    onMove(thicknessMm * (by[0] ?? 1), radiusMm * (by[1] ?? 1));
  };
  const click = (event: PointerEvent<SVGSVGElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    const scale = (left + width + 10) / box.width;
    const at = valueAt(frame, map, (event.clientX - box.left) * scale, (event.clientY - box.top) * scale);
    onMove(at.thicknessMm, at.radiusMm);
  };
  const text = { fontSize: 13, fill: colours.text.secondary };
  return (
    <Box component="svg" viewBox={`0 0 ${left + width + 10} ${top + height + bottom}`} role="application" tabIndex={0}
      aria-label={describe(map, thicknessMm, radiusMm, system)} onKeyDown={press} onPointerDown={click}
      sx={{ width: '100%', display: 'block', fontFamily: 'fontFamily', cursor: 'crosshair', '&:focus-visible': { outline: '3px solid', outlineColor: 'primary.main' } }}>
      <rect x={left} y={top} width={width} height={height} fill={SHADES[0]?.[1]} />
      {shades.map(({ threshold, path }, i) => (
        <path key={threshold} d={path} fill={SHADES[i + 1]?.[1]} fillRule="evenodd" />
      ))}
      {surely && <path d={surely} fill="none" stroke="#1d3b40" strokeWidth={1.4} strokeDasharray="2 5" />}
      {lines.map(({ threshold, path }) => (
        <path key={threshold} id={`odds-${threshold * 100}`} d={path} fill="none" stroke="#1d2f33" strokeWidth={threshold === 0.9 ? 2 : 1} />
      ))}
      {lines.map(({ threshold }) => <LineLabel key={threshold} frame={frame} map={map} threshold={threshold} />)}
      <rect x={left} y={top} width={width} height={height} fill="none" stroke={colours.text.secondary} />
      {map.pieces.map((piece) => {
        const at = placeOf(frame, map, piece.thicknessMm, piece.innerRadiusMm);
        const inside = at.x > left && at.x < left + width && at.y > top && at.y < top + height;
        return inside ? (
          <PieceMark key={piece.trialId} x={at.x} y={at.y} severity={piece.severity} faint={piece.support !== support}
            title={`${printLength(piece.thicknessMm, system)} at radius ${printLength(piece.innerRadiusMm, system)}: ${SEVERITY[piece.severity]}`} />
        ) : null;
      })}
      <g stroke="#0c4a54" strokeWidth={1.6}>
        <line x1={left} x2={left + width} y1={here.y} y2={here.y} />
        <line x1={here.x} x2={here.x} y1={top} y2={top + height} />
        <circle cx={here.x} cy={here.y} r={9} fill="#fdf8ea" fillOpacity={0.6} strokeWidth={3} />
      </g>
      {ticks(map.thicknessMm, system).map((mm) => (
        <text key={mm} x={placeOf(frame, map, mm, map.innerRadiusMm[0] ?? 1).x} y={top + height + 18} textAnchor="middle" {...text}>{printLength(mm, system)}</text>
      ))}
      {ticks(map.innerRadiusMm, system).map((mm) => (
        <text key={mm} x={left - 7} y={placeOf(frame, map, map.thicknessMm[0] ?? 1, mm).y + 4} textAnchor="end" {...text}>{printLength(mm, system)}</text>
      ))}
      <text x={left + width} y={top + height + 40} textAnchor="end" {...text} fill={colours.text.primary}>thickness, thicker this way →</text>
      <text x={18} y={top + 4} transform={`rotate(-90 18 ${top + 4})`} textAnchor="end" {...text} fill={colours.text.primary}>inner radius, gentler this way →</text>
    </Box>
  );
}

/** The odds of a line, written where it crosses the right half of the map. */
function LineLabel({ frame, map, threshold }: { frame: Frame; map: MapAnswer; threshold: number }) {
  const column = Math.round(map.thicknessMm.length * 0.72);
  const row = map.unbroken.findIndex((cells) => (cells[column] ?? 0) >= threshold);
  if (row <= 0) return null;
  const at = placeOf(frame, map, map.thicknessMm[column] ?? 1, map.innerRadiusMm[row] ?? 1);
  return (
    <text x={at.x} y={at.y + 5} textAnchor="middle" fontSize={13} fontWeight={640} fill="#1d2f33" stroke="#f6ecd3" strokeWidth={4} paintOrder="stroke">
      {oddsInWords(threshold)}
    </text>
  );
}

/** Round lengths of either system that lie on a scale. */
function ticks(steps: number[], system: UnitSystem): number[] {
  const [first = 1, last = 1] = [steps[0], steps.at(-1)];
  const round = system === 'inch'
    ? [1 / 32, 1 / 16, 1 / 8, 1 / 4, 1 / 2, 1, 2, 4, 8, 16, 32].map((inch) => inch * 25.4)
    : [1, 2, 5, 10, 20, 50, 100, 200, 500, 1000];
  return round.filter((mm) => mm >= first && mm <= last);
}

function describe(map: MapAnswer, thicknessMm: number, radiusMm: number, system: UnitSystem): string {
  const { row, column } = cellAt(map, thicknessMm, radiusMm);
  return (
    `Bend map. At ${printLength(thicknessMm, system)} thick and radius ${printLength(radiusMm, system)} ` +
    `${oddsInWords(map.unbroken[row]?.[column] ?? 0)} hold. Arrow keys move the cross-hair. ${map.pieces.length} of your pieces are on it.`
  );
}
