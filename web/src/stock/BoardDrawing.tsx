import { Box } from '@mui/material';
import { memo, useId, useRef, type KeyboardEvent, type PointerEvent } from 'react';
import type { BoardFields, LaidFields, LaidReading } from '../api/schema';
import { usePalette } from '../app/palette';
import { useUnits } from '../app/units';
import { oddsInWords } from '../odds/words';
import { printLength } from '../units/printing';
import { ruleMarks, sameThing, settled, STEP, type Spot, type Thing } from './geometry';
import { MarkShape } from './MarkShape';
import { MARK } from './words';

interface Handling {
  chosen: Thing | undefined;
  onChoose: (thing: Thing) => void;
  /** Somewhere on its way; the last is where it was let go. */
  onMove: (thing: Thing, to: Spot, letGo: boolean) => void;
}

interface BoardDrawingProps {
  board: BoardFields;
  /** What each blank is made of, where that is known. */
  readings?: LaidReading[] | undefined;
  /** Whether those belong to another layout. */
  old?: boolean;
  handling?: Handling | undefined;
  /** A board is drawn so wide that it can be taken hold of [px]. */
  leastPx?: number;
}

/** A board on its face, to scale, the grain along it. */
export function BoardDrawing({ board, readings, old = false, handling, leastPx = 24 }: BoardDrawingProps) {
  const [system] = useUnits();
  const { data, text, divider } = usePalette();
  const clip = useId();
  const { lengthMm, widthMm } = board;
  const svg = useRef<SVGSVGElement>(null);
  return (
    <Box sx={{ overflowX: 'auto', pb: 0.5 }}>
      <Box sx={{ minWidth: `${Math.round((leastPx / widthMm) * lengthMm)}px` }}>
        <Box sx={{ position: 'relative', aspectRatio: `${lengthMm} / ${widthMm}` }}>
          <Box component="svg" ref={svg} viewBox={`0 0 ${lengthMm} ${widthMm}`} preserveAspectRatio="none" role="group" aria-label={`Board ${board.name}`}
            sx={{ position: 'absolute', inset: 0, width: '100%', height: '100%', overflow: 'visible' }}>
            <defs><clipPath id={clip}><rect width={lengthMm} height={widthMm} /></clipPath></defs>
            <rect width={lengthMm} height={widthMm} fill={data.calm} fillOpacity={0.55} stroke={text.secondary} strokeWidth={1.2} vectorEffect="non-scaling-stroke" />
            <g clipPath={`url(#${clip})`}>
              <Grain board={board} colour={divider} />
              {board.marks.map((mark, index) => (
                <Held key={index} thing={{ what: 'marks', index }} label={`${MARK[mark.kind]} ${placeLabel(mark, system)}`} at={mark} board={board} svg={svg} handling={handling}>
                  <MarkShape mark={mark} top={widthMm - mark.acrossMm - mark.widthMm} />
                  {handling && <Grip box={mark} top={widthMm - mark.acrossMm - mark.widthMm} chosen={sameThing(handling.chosen, { what: 'marks', index })} />}
                </Held>
              ))}
            </g>
            {board.blanks.map((blank, index) => (
              <Held key={index} thing={{ what: 'blanks', index }} label={`${blank.name} ${placeLabel(blank, system)}`} at={blank} board={board} svg={svg} handling={handling}>
                <BlankShape blank={blank} top={widthMm - blank.acrossMm - blank.widthMm} trouble={readings?.[index]?.trouble !== undefined}
                  spoilt={(readings?.[index]?.inBend.length ?? 0) > 0} chosen={sameThing(handling?.chosen, { what: 'blanks', index })} />
              </Held>
            ))}
          </Box>
          {board.blanks.map((blank, index) => (
            <Box key={index} aria-hidden sx={{ ...NAME, left: `${(100 * blank.alongMm) / lengthMm}%`, width: `${(100 * blank.lengthMm) / lengthMm}%`,
              top: `${100 * (1 - (blank.acrossMm + blank.widthMm / 2) / widthMm)}%` }}>
              {index + 1}
              <Box component="span" sx={{ opacity: old ? 0.4 : 1, fontWeight: 650 }}>{oddsLabel(readings?.[index])}</Box>
            </Box>
          ))}
        </Box>
        {handling && (
          <Box aria-hidden sx={{ position: 'relative', height: 22, fontSize: '0.75rem', color: 'text.secondary' }}>
            {ruleMarks(lengthMm, system).map((mark) => (
              <Box key={mark} sx={{ position: 'absolute', left: `${(100 * mark) / lengthMm}%`, borderLeft: 1, borderColor: 'text.secondary', pl: 0.5, lineHeight: 1.3 }}>
                {system === 'inch' ? `${Math.round(mark / 304.8)} ft` : `${mark / 1000} m`}
              </Box>
            ))}
          </Box>
        )}
      </Box>
    </Box>
  );
}

const NAME = {
  position: 'absolute', transform: 'translateY(-50%)', display: 'flex', justifyContent: 'center', gap: 1, fontSize: '0.8rem', lineHeight: 1, pointerEvents: 'none',
  whiteSpace: 'nowrap', color: 'text.primary',
} as const;

function placeLabel({ alongMm, acrossMm }: Spot, system: 'inch' | 'metric'): string {
  return `at ${printLength(alongMm, system)} along, ${printLength(acrossMm, system)} across`;
}

function oddsLabel(reading: LaidReading | undefined): string {
  if (!reading) return '';
  if (reading.trouble) return '✕';
  return reading.unbroken ? oddsInWords(reading.unbroken.probability) : '';
}

/** Lines along the board that climb as the grain does; straight where nobody looked. */
const Grain = memo(function Grain({ board: { lengthMm, widthMm, grainRun }, colour }: { board: BoardFields; colour: string }) {
  const rise = grainRun === undefined ? 0 : lengthMm / grainRun;
  const lines = Math.min(60, Math.ceil((widthMm + rise) / (widthMm / 7)));
  return Array.from({ length: lines }, (_, line) => {
    const from = widthMm + rise - ((line + 0.5) * widthMm) / 7;
    return <line key={line} x1={0} y1={from} x2={lengthMm} y2={from - rise} stroke={colour} strokeWidth={1.2} vectorEffect="non-scaling-stroke" />;
  });
});

const BlankShape = memo(function BlankShape({ blank, top, trouble, spoilt, chosen }: { blank: LaidFields; top: number; trouble: boolean; spoilt: boolean; chosen: boolean }) {
  const { primary, background, error, data } = usePalette();
  const edge = trouble ? error.main : chosen ? primary.main : data.strap;
  return (
    <>
      <rect x={blank.alongMm} y={top} width={blank.lengthMm} height={blank.widthMm} fill={background.paper} fillOpacity={0.5} stroke={edge}
        strokeWidth={chosen ? 2.6 : 1.4} strokeDasharray={trouble ? '6 4' : 'none'} vectorEffect="non-scaling-stroke" />
      <rect x={blank.alongMm + blank.bentFromMm} y={top} width={blank.bentToMm - blank.bentFromMm} height={blank.widthMm} fill={spoilt ? data.stretch : primary.main}
        fillOpacity={spoilt ? 0.3 : 0.16} />
    </>
  );
});

/** Something small is taken hold of by more than itself. */
function Grip({ box, top, chosen }: { box: { alongMm: number; lengthMm: number; widthMm: number }; top: number; chosen: boolean }) {
  const { primary } = usePalette();
  const more = Math.max(0, 30 - Math.min(box.lengthMm, box.widthMm)) / 2;
  return <rect x={box.alongMm - more} y={top - more} width={box.lengthMm + 2 * more} height={box.widthMm + 2 * more} fill="transparent"
    stroke={chosen ? primary.main : 'none'} strokeWidth={2.4} vectorEffect="non-scaling-stroke" />;
}

interface HeldProps {
  thing: Thing;
  label: string;
  at: Spot;
  board: BoardFields;
  svg: React.RefObject<SVGSVGElement | null>;
  handling: Handling | undefined;
  children: React.ReactNode;
}

/** Can be dragged, and nudged by the arrow keys from mark to mark of the rule; with the shift key eight marks at once. */
function Held({ thing, label, at, board, svg, handling, children }: HeldProps) {
  const [system] = useUnits();
  const held = useRef<{ x: number; y: number; from: Spot; to: Spot }>(undefined);
  if (!handling) return <g>{children}</g>;
  const perPx = () => board.lengthMm / (svg.current?.getBoundingClientRect().width || board.lengthMm);
  const moved = (event: PointerEvent) => {
    if (!held.current) return;
    const { x, y, from } = held.current;
    held.current.to = settled(board, thing, { alongMm: from.alongMm + (event.clientX - x) * perPx(), acrossMm: from.acrossMm - (event.clientY - y) * perPx() }, system);
    handling.onMove(thing, held.current.to, false);
  };
  const nudge = (event: KeyboardEvent) => {
    const [along, across] = ARROWS[event.key] ?? [];
    if (along === undefined || across === undefined) return;
    event.preventDefault();
    const step = STEP[system] * (event.shiftKey ? 8 : 1);
    handling.onMove(thing, { alongMm: at.alongMm + along * step, acrossMm: at.acrossMm + across * step }, true);
  };
  return (
    <Box component="g" tabIndex={0} role="button" aria-label={label} aria-pressed={sameThing(handling.chosen, thing)}
      onFocus={() => { handling.onChoose(thing); }}
      onKeyDown={nudge}
      onPointerDown={(event: PointerEvent) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        const from = { alongMm: at.alongMm, acrossMm: at.acrossMm };
        held.current = { x: event.clientX, y: event.clientY, from, to: from };
        handling.onChoose(thing);
      }}
      onPointerMove={moved}
      onPointerUp={() => {
        const { from, to } = held.current ?? {};
        held.current = undefined;
        if (to && to !== from) handling.onMove(thing, to, true);
      }}
      onPointerCancel={() => { held.current = undefined; }}
      sx={{ cursor: 'grab', touchAction: 'none', outline: 'none', '&:focus-visible rect': { strokeWidth: 4 } }}>
      {children}
    </Box>
  );
}

const ARROWS: Record<string, [number, number]> = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] };
