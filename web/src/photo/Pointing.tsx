import { Box } from '@mui/material';
import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { MeasuredReading, SpotFields } from '../api/schema';
import { arrow } from '../app/arrows';
import { usePalette } from '../app/palette';
import { useSize } from '../app/useSize';
import { Glass } from './Glass';
import { MEASURES, type Draft, type Grip, type Line, type Measure } from './pointing';
import { LINE } from './words';

interface PointingProps {
  image: string;
  alt: string;
  widthPx: number;
  heightPx: number;
  lines: Draft['lines'];
  /** Whose places can be taken hold of. */
  measure: Measure;
  /** The circle the curve lies on, while it is still that of these places. */
  circle: MeasuredReading['curve'] | undefined;
  /** A place on its way, or let go; and how many pixels of the picture lay on one of the screen. */
  onMove: (grip: Grip, to: SpotFields, letGo: boolean, pictureToShown: number) => void;
}

/** With the shift key so many pixels at once. */
const AT_ONCE = 10;

/** A photograph with what is pointed at on it; places are dragged, or nudged by the arrow keys, under a glass. */
export function Pointing({ image, alt, widthPx, heightPx, lines, measure, circle, onMove }: PointingProps) {
  const frame = useRef<HTMLDivElement>(null);
  // pixels of the picture on one of the screen
  const scale = widthPx / (useSize(frame)?.width ?? widthPx);
  const [at, setAt] = useState<Grip>();
  const held = useRef<{ grip: Grip; dx: number; dy: number; to: SpotFields }>(undefined);
  const own: readonly Line[] = MEASURES[measure];
  const under = at && own.includes(at.line) ? lines[at.line]?.[at.index] : undefined;
  const place = (event: PointerEvent<SVGSVGElement>): SpotFields => {
    const box = event.currentTarget.getBoundingClientRect();
    return { xPx: ((event.clientX - box.left) / box.width) * widthPx, yPx: ((event.clientY - box.top) / box.height) * heightPx };
  };
  const within = ({ xPx, yPx }: SpotFields): SpotFields => ({ xPx: Math.min(widthPx, Math.max(0, xPx)), yPx: Math.min(heightPx, Math.max(0, yPx)) });
  const letGo = () => {
    if (held.current) onMove(held.current.grip, held.current.to, true, scale);
    held.current = undefined;
  };
  return (
    <Box ref={frame} sx={{ position: 'relative', aspectRatio: `${widthPx} / ${heightPx}`, maxHeight: '72vh', maxWidth: '100%', bgcolor: 'divider' }}>
      <Box component="img" src={image} alt={alt} draggable={false} sx={{ position: 'absolute', inset: 0, width: '100%', height: '100%', userSelect: 'none' }} />
      <Box component="svg" viewBox={`0 0 ${widthPx} ${heightPx}`} role="group" aria-label="Pointed at"
        sx={{ position: 'absolute', inset: 0, width: '100%', height: '100%', '& [role=button]': { cursor: 'move', touchAction: 'none', outline: 'none' } }}
        onPointerDown={(event: PointerEvent<SVGSVGElement>) => {
          const grip = gripAt(event.target as Element);
          const spot = grip && lines[grip.line]?.[grip.index];
          if (!spot) return;
          event.currentTarget.setPointerCapture(event.pointerId);
          const from = place(event);
          held.current = { grip, dx: spot.xPx - from.xPx, dy: spot.yPx - from.yPx, to: spot };
          setAt(grip);
        }}
        onPointerMove={(event: PointerEvent<SVGSVGElement>) => {
          if (!held.current) return;
          const to = place(event);
          held.current.to = within({ xPx: to.xPx + held.current.dx, yPx: to.yPx + held.current.dy });
          onMove(held.current.grip, held.current.to, false, scale);
        }}
        onPointerUp={letGo} onPointerCancel={letGo}
        onFocus={(event: React.FocusEvent) => { setAt(gripAt(event.target)); }}
        onBlur={() => { setAt(undefined); }}
        onKeyDown={(event: KeyboardEvent) => {
          const grip = gripAt(event.target as Element);
          const spot = grip && lines[grip.line]?.[grip.index];
          const to = arrow(event.key);
          if (!spot || !to) return;
          event.preventDefault();
          const step = event.shiftKey ? AT_ONCE : 1;
          onMove(grip, within({ xPx: spot.xPx + to.right * step, yPx: spot.yPx + to.down * step }), true, scale);
        }}>
        {circle && <Cased><circle cx={circle.centre.xPx} cy={circle.centre.yPx} r={circle.radiusPx} strokeDasharray="7 5" /></Cased>}
        {(Object.keys(lines) as Line[]).map((line) => <Places key={line} line={line} spots={lines[line] ?? []} own={own.includes(line)} at={at} scale={scale} />)}
      </Box>
      {under && <Glass image={image} at={under} widthPx={widthPx} heightPx={heightPx} shownPx={widthPx / scale} />}
    </Box>
  );
}

function gripAt(element: Element): Grip | undefined {
  const place = element.closest('[data-line]');
  return place ? { line: place.getAttribute('data-line') as Line, index: Number(place.getAttribute('data-index')) } : undefined;
}

/** A line that stands out on any picture: dark within light. */
function Cased({ children }: { children: React.ReactNode }) {
  return (
    <>
      <Box component="g" sx={{ fill: 'none', stroke: '#ffffff', strokeWidth: 4.5, '& > *': { vectorEffect: 'non-scaling-stroke' } }}>{children}</Box>
      <Box component="g" sx={{ fill: 'none', stroke: '#14272b', strokeWidth: 1.8, '& > *': { vectorEffect: 'non-scaling-stroke' } }}>{children}</Box>
    </>
  );
}

interface PlacesProps {
  line: Line;
  spots: SpotFields[];
  own: boolean;
  at: Grip | undefined;
  scale: number;
}

/** The places of one line, with its name beside the first. */
function Places({ line, spots, own, at, scale }: PlacesProps) {
  const { data } = usePalette();
  const [first] = spots;
  return (
    <Box component="g" sx={{ opacity: own ? 1 : 0.65 }}>
      {line !== 'curve' && <Cased><polyline points={spots.map(({ xPx, yPx }) => `${xPx},${yPx}`).join(' ')} /></Cased>}
      {spots.map(({ xPx, yPx }, index) => (
        <g key={index} {...(own ? { tabIndex: 0, role: 'button', 'aria-label': `${LINE[line]}, place ${index + 1}`, 'data-line': line, 'data-index': index } : {})}>
          <circle cx={xPx} cy={yPx} r={22 * scale} fill="transparent" />
          <circle cx={xPx} cy={yPx} r={(own ? 7 : 4) * scale} fill={at?.line === line && at.index === index ? data.stretch : '#ffffff'} fillOpacity={own ? 0.55 : 0.9} stroke="#14272b"
            strokeWidth={2} vectorEffect="non-scaling-stroke" />
        </g>
      ))}
      {first && (
        <text x={first.xPx + 14 * scale} y={first.yPx - 12 * scale} fontSize={14 * scale} fontWeight={650} fill="#14272b" stroke="#ffffff" strokeWidth={4 * scale} paintOrder="stroke" aria-hidden>
          {LINE[line]}
        </text>
      )}
    </Box>
  );
}
