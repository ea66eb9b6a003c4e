import type { DayPieceView, RigItemView, DaySlotView } from '../api/schema';
import { wantsHands } from './next';
import { GOES_ON } from './words';

/** What is drawn of a stretch of work in a lane. */
export interface Bar {
  slot: number;
  piece: number;
  fromMs: number;
  toMs: number;
  /** Which of the rows of its lane. */
  row: number;
}

export interface Lane {
  key: string;
  label: string;
  /** What kind of thing it is of, where it is of one. */
  kind?: RigItemView['item']['kind'];
  rows: number;
  bars: Bar[];
}

const KIND_ORDER = ['SOAKING_TROUGH', 'STEAM_BOX', 'HOT_TROUGH', 'HOT_PIPE', 'FORM', 'STRAP', 'CLAMPS', 'DRYING_PLACE'];
/** Puts bars that overlap below one another, each in the first row that is free. */
export function inRows(bars: Omit<Bar, 'row'>[]): Bar[] {
  const until: number[] = [];
  return [...bars].sort((a, b) => a.fromMs - b.fromMs || a.slot - b.slot).map((bar) => {
    const free = until.findIndex((end) => end <= bar.fromMs);
    const row = free < 0 ? until.length : free;
    until[row] = bar.toMs;
    return { ...bar, row };
  });
}

function laneOf(key: string, label: string, bars: Omit<Bar, 'row'>[], kind?: RigItemView['item']['kind']): Lane {
  const placed = inRows(bars);
  return { key, label, ...(kind && { kind }), bars: placed, rows: Math.max(1, ...placed.map(({ row }) => row + 1)) };
}

/** A lane for the hands, one for each thing that is taken up, and one for whatever takes up nothing the rig has. */
export function lanesOf(slots: DaySlotView[], things: RigItemView[]): Lane[] {
  const bar = (slot: number, { piece, beginsAt }: DaySlotView, until: string) => ({ slot, piece, fromMs: Date.parse(beginsAt), toMs: Date.parse(until) });
  const used = things.filter(({ id }) => slots.some(({ items }) => items.includes(id)))
    .sort((a, b) => KIND_ORDER.indexOf(a.item.kind) - KIND_ORDER.indexOf(b.item.kind) || a.item.name.localeCompare(b.item.name));
  const ofThings = used.map(({ id, item }) => laneOf(`thing ${id}`, item.name, slots.flatMap((slot, at) => (slot.items.includes(id) ? [bar(at, slot, slot.endsAt)] : [])), item.kind));
  const without = [...new Set(Object.values(GOES_ON))].map((label) => laneOf(`without ${label}`, label,
    slots.flatMap((slot, at) => (slot.items.length === 0 && GOES_ON[slot.step] === label ? [bar(at, slot, slot.endsAt)] : []))));
  const hands = laneOf('hands', 'Hands', slots.flatMap((slot, at) => (wantsHands(slot) ? [bar(at, slot, slot.handsOffAt)] : [])));
  return [hands, ...ofThings, ...without].filter(({ bars }) => bars.length > 0);
}

/** What stands in a bar: the whole name where there is room, else its number, else nothing. */
export function nameIn(piece: DayPieceView, widthPx: number): string {
  if (widthPx > piece.name.length * 7 + 8) return piece.name;
  const short = piece.number > 0 ? String(piece.number) : '';
  return widthPx > short.length * 8 + 6 ? short : '';
}

/** Days that a stretch of time touches, each from midnight where the person is [ms]. */
export function midnights(fromMs: number, toMs: number): number[] {
  const first = new Date(fromMs);
  first.setHours(0, 0, 0, 0);
  const all: number[] = [];
  for (const day = first; day.getTime() < toMs; day.setDate(day.getDate() + 1)) all.push(day.getTime());
  return all;
}
