import { Box } from '@mui/material';
import { useRef, type KeyboardEvent, type PointerEvent } from 'react';
import type { DayPieceView, DaySlotView } from '../api/schema';
import { usePalette } from '../app/palette';
import { useSize } from '../app/useSize';
import { printTimeOfDay, printWeekday } from '../units/clock';
import { midnights, nameIn, type Bar, type Lane } from './lanes';
import { DO } from './words';

const LABEL_PX = 150;
const ROW_PX = 26;
const GAP_PX = 8;
const HEAD_PX = 26;
const HOUR_MS = 3_600_000;
const DAY_MS = 24 * HOUR_MS;
/** Moved by a drag, a piece stays where it is for less than this [px]. */
const STILL_PX = 4;
/** Moved pieces begin at quarters of an hour [ms]. */
const QUARTER_MS = HOUR_MS / 4;

export interface LanesProps {
  lanes: Lane[];
  pieces: DayPieceView[];
  slots: DaySlotView[];
  /** What is shown [ms]. */
  fromMs: number;
  toMs: number;
  nowMs: number;
  /** Hours of work in minutes of the day. */
  open: { from: number; to: number; days: string };
  chosen: number | undefined;
  onChoose: (piece: number | undefined) => void;
  /** A piece is to begin its next work so much later [ms]. */
  onMove: (piece: number, byMs: number) => void;
}

/** The day as lanes: hands, each thing in the rig, and the pieces on them as time goes on. */
export function Lanes({ lanes, pieces, slots, fromMs, toMs, nowMs, open, chosen, onChoose, onMove }: LanesProps) {
  const box = useRef<HTMLDivElement>(null);
  const width = useSize(box)?.width ?? 900;
  const palette = usePalette();
  const scale = (ms: number) => LABEL_PX + ((ms - fromMs) / (toMs - fromMs)) * (width - LABEL_PX);
  const tops: number[] = [];
  const height = lanes.reduce((top, { rows }) => { tops.push(top); return top + rows * ROW_PX + GAP_PX; }, HEAD_PX);
  const colours = [palette.primary.main, palette.data.squeeze, palette.data.clean, palette.data.flaw, palette.data.stretch];
  const jobs = [...new Set(pieces.map(({ jobId }) => jobId))];
  const colourOf = (piece: number) => colours[jobs.indexOf(pieces[piece]?.jobId) % colours.length] ?? palette.primary.main;
  const inADay = toMs - fromMs <= 1.5 * DAY_MS;
  return (
    <Box ref={box} sx={{ overflow: 'hidden', touchAction: 'pan-y' }}>
      <svg width={width} height={height} role="group" aria-label="The day as lanes" style={{ display: 'block' }} onClick={() => { onChoose(undefined); }}>
        {midnights(fromMs, toMs).map((day) => (
          <g key={day}>
            {closedIn(day, open).map(([from, to]) => {
              const left = Math.max(LABEL_PX, scale(from));
              const right = Math.min(width, scale(to));
              return right > left && <rect key={from} x={left} y={HEAD_PX} width={right - left} height={height - HEAD_PX} fill={palette.data.form} opacity={0.55} />;
            })}
            {scale(day) >= LABEL_PX && <line x1={scale(day)} x2={scale(day)} y1={4} y2={height} stroke={palette.divider} />}
            {!inADay && <text x={Math.max(LABEL_PX, scale(day)) + 4} y={17} fontSize={13} fill={palette.text.secondary}>
              {room(day, toMs, fromMs, width) > 118 ? printWeekday(iso(day)) : room(day, toMs, fromMs, width) > 32 ? printWeekday(iso(day)).slice(0, 3) : ''}
            </text>}
          </g>
        ))}
        {inADay && Array.from({ length: Math.ceil((toMs - fromMs) / HOUR_MS) }, (_, hour) => fromMs + hour * HOUR_MS).map((hour) => (
          <g key={hour}>
            <line x1={scale(hour)} x2={scale(hour)} y1={HEAD_PX - 5} y2={height} stroke={palette.divider} strokeDasharray="2 4" />
            {(new Date(hour).getHours() % 2 === 0 || width > 900) && <text x={scale(hour) + 3} y={17} fontSize={13} fill={palette.text.secondary}>{printTimeOfDay(iso(hour)).slice(0, 2)}</text>}
          </g>
        ))}
        {lanes.map((lane, at) => (
          <g key={lane.key} role="group" aria-label={lane.label}>
            <text x={0} y={(tops[at] ?? 0) + 18} fontSize={14} fill={palette.text.primary}>{lane.label.length > 21 ? `${lane.label.slice(0, 20)}…` : lane.label}<title>{lane.label}</title></text>
            <line x1={0} x2={width} y1={(tops[at] ?? 0) + lane.rows * ROW_PX + GAP_PX / 2} y2={(tops[at] ?? 0) + lane.rows * ROW_PX + GAP_PX / 2} stroke={palette.divider} />
            {lane.bars.filter((bar) => bar.toMs > fromMs && bar.fromMs < toMs).map((bar) => (
              <PieceBar key={bar.slot} bar={bar} slot={slots[bar.slot]} piece={pieces[bar.piece]} top={(tops[at] ?? 0) + bar.row * ROW_PX} colour={colourOf(bar.piece)} surface={palette.background.paper}
                left={Math.max(LABEL_PX, scale(bar.fromMs))} right={Math.min(width, scale(bar.toMs))} perPx={(toMs - fromMs) / (width - LABEL_PX)}
                dim={chosen !== undefined && chosen !== bar.piece} chosen={chosen === bar.piece}
                onChoose={() => { onChoose(bar.piece); }} onMove={(byMs) => { onMove(bar.piece, byMs); }} />
            ))}
          </g>
        ))}
        {nowMs > fromMs && nowMs < toMs && <line x1={scale(nowMs)} x2={scale(nowMs)} y1={4} y2={height} stroke={palette.data.broken} strokeWidth={2}><title>Now</title></line>}
      </svg>
    </Box>
  );
}

interface PieceBarProps {
  bar: Bar;
  slot: DaySlotView | undefined;
  piece: DayPieceView | undefined;
  top: number;
  left: number;
  right: number;
  colour: string;
  surface: string;
  perPx: number;
  dim: boolean;
  chosen: boolean;
  onChoose: () => void;
  onMove: (byMs: number) => void;
}

function PieceBar({ bar, slot, piece, top, left, right, colour, surface, perPx, dim, chosen, onChoose, onMove }: PieceBarProps) {
  const grabbed = useRef<number>(undefined);
  if (!slot || !piece) return null;
  const width = Math.max(3, right - left);
  const grab = (event: PointerEvent<SVGGElement>) => {
    grabbed.current = event.clientX;
    event.currentTarget.setPointerCapture(event.pointerId);
  };
  const letGo = (event: PointerEvent<SVGGElement>) => {
    const by = event.clientX - (grabbed.current ?? event.clientX);
    grabbed.current = undefined;
    onChoose();
    if (Math.abs(by) > STILL_PX && piece.jobId !== undefined) onMove(Math.round((by * perPx) / QUARTER_MS) * QUARTER_MS);
  };
  const press = (event: KeyboardEvent) => {
    const quarters = { ArrowRight: 1, ArrowLeft: -1, PageDown: 96, PageUp: -96 }[event.key];
    if (event.key === 'Enter' || event.key === ' ') onChoose();
    else if (quarters !== undefined && piece.jobId !== undefined) onMove(quarters * QUARTER_MS);
    else return;
    event.preventDefault();
  };
  return (
    <g role="button" tabIndex={0} aria-pressed={chosen} aria-label={`${piece.name}, ${DO[slot.step]}, ${printTimeOfDay(iso(bar.fromMs))} to ${printTimeOfDay(iso(bar.toMs))}`}
      opacity={dim ? 0.35 : 1} style={{ cursor: piece.jobId === undefined ? 'pointer' : 'grab' }} onPointerDown={grab} onPointerUp={letGo} onKeyDown={press}
      onClick={(event) => { event.stopPropagation(); }}>
      <rect x={left} y={top + 3} width={width} height={ROW_PX - 4} rx={4} fill={colour} fillOpacity={slot.begun ? 1 : 0.82} stroke={chosen ? colour : surface} strokeWidth={chosen ? 3 : 1} />
      <text x={left + 5} y={top + 19} fontSize={13} fill={surface} pointerEvents="none">{nameIn(piece, width)}</text>
      <title>{`${piece.name}, ${DO[slot.step]}`}</title>
    </g>
  );
}

function iso(ms: number): string {
  return new Date(ms).toISOString();
}

/** Pixels of a day that is shown. */
function room(day: number, toMs: number, fromMs: number, width: number): number {
  return ((Math.min(day + DAY_MS, toMs) - Math.max(day, fromMs)) / (toMs - fromMs)) * (width - LABEL_PX);
}

/** When nobody is in the shop on a day, across changes of the clocks [ms]. */
function closedIn(day: number, { from, to, days }: LanesProps['open']): [number, number][] {
  const at = (minutes: number) => new Date(day).setHours(0, minutes, 0, 0);
  const next = at(24 * 60);
  const weekday = new Date(day).getDay() || 7;
  return days.includes(String(weekday)) ? [[day, at(from)], [at(to), next]] : [[day, next]];
}
