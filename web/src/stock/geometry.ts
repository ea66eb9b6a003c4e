import type { BoardFields } from '../api/schema';
import type { UnitSystem } from '../app/units';

/** A blank or a mark on a board, by its place in the list. */
export interface Thing {
  what: 'blanks' | 'marks';
  index: number;
}

/** Where something begins on a board [mm]. */
export interface Spot {
  alongMm: number;
  acrossMm: number;
}

interface Box extends Spot {
  lengthMm: number;
  widthMm: number;
}

/** Things are moved from mark to mark of the rule [mm]. */
export const STEP = { inch: 25.4 / 8, metric: 5 } as const;

export function sameThing(one: Thing | undefined, other: Thing): boolean {
  return one?.what === other.what && one.index === other.index;
}

/** The board with something of it changed. */
export function withChanged(board: BoardFields, { what, index }: Thing, change: object): BoardFields {
  return { ...board, [what]: board[what].map((each, at) => (at === index ? { ...each, ...change } : each)) };
}

/** The board without something. */
export function without(board: BoardFields, { what, index }: Thing): BoardFields {
  return { ...board, [what]: (board[what] as object[]).filter((_, at) => at !== index) };
}

/**
 * Where a blank comes to lie that is let go somewhere: against an edge or a saw's cut from another where one is near, else on a mark of
 * the rule. A mark of the wood lies where it lies.
 */
export function settled(board: BoardFields, thing: Thing, to: Spot, system: UnitSystem): Spot {
  const box = board[thing.what][thing.index];
  if (!box) return to;
  const others = thing.what === 'blanks' ? board.blanks.filter((_, index) => index !== thing.index) : [];
  const beside = others.filter((other) => overlapping(to.acrossMm, box.widthMm, other.acrossMm, other.widthMm, board.kerfMm));
  const above = others.filter((other) => overlapping(to.alongMm, box.lengthMm, other.alongMm, other.lengthMm, board.kerfMm));
  const step = STEP[system];
  return {
    alongMm: caught(to.alongMm, stops(beside, board.lengthMm, box.lengthMm, board.kerfMm, (each) => [each.alongMm, each.lengthMm]), step),
    acrossMm: caught(to.acrossMm, stops(above, board.widthMm, box.widthMm, board.kerfMm, (each) => [each.acrossMm, each.widthMm]), step),
  };
}

function overlapping(from: number, size: number, otherFrom: number, otherSize: number, kerf: number): boolean {
  return from < otherFrom + otherSize + kerf && otherFrom < from + size + kerf;
}

/** Where it would lie flush with an end of the board, or a saw's cut from another. */
function stops(others: Box[], room: number, size: number, kerf: number, of: (box: Box) => [number, number]): number[] {
  return [0, room - size, ...others.flatMap((other) => {
    const [from, length] = of(other);
    return [from + length + kerf, from - kerf - size];
  })];
}

function caught(at: number, places: number[], step: number): number {
  const nearest = places.reduce((best, place) => (Math.abs(place - at) < Math.abs(best - at) ? place : best));
  return Math.abs(nearest - at) <= 2 * step ? nearest : Math.round(at / step) * step;
}

/** Marks along a board for the eye: every foot or half metre, so that at most a dozen and a half stand there. */
export function ruleMarks(lengthMm: number, system: UnitSystem): number[] {
  const unit = system === 'inch' ? 304.8 : 500;
  const every = unit * Math.max(1, Math.ceil(lengthMm / unit / 16));
  return Array.from({ length: Math.floor(lengthMm / every + 1e-9) + 1 }, (_, mark) => mark * every);
}
