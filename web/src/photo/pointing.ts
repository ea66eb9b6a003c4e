import type { PhotoFields, PointedFields, SpotFields } from '../api/schema';
import type { UnitSystem } from '../app/units';
import { exactLength } from '../units/exact';

/** What is pointed at on a photograph. */
export type Line = 'known' | 'curve' | 'edge' | 'grain' | 'gap';

/** What a person measures, and the lines that go with it. */
export const MEASURES = { known: ['known'], curve: ['curve'], slope: ['edge', 'grain'], gap: ['gap'] } as const satisfies Record<string, Line[]>;
export type Measure = keyof typeof MEASURES;

/** A place that is pointed at, by the line it belongs to. */
export interface Grip {
  line: Line;
  index: number;
}

/** What was pointed at, and what is typed beside it. */
export interface Draft {
  caption: string;
  /** How long the known length is, as it is typed. */
  knownText: string;
  pictureToShown: number;
  lines: Partial<Record<Line, SpotFields[]>>;
}

/** As many places tell a curve. */
export const MOST_OF_A_CURVE = 12;

/** Where the places of a line first lie on a picture, as shares of its width and height. */
const FIRST: Record<Line, [number, number][]> = {
  known: [[0.3, 0.88], [0.7, 0.88]], curve: [[0.25, 0.55], [0.5, 0.3], [0.75, 0.55]],
  edge: [[0.15, 0.3], [0.85, 0.3]], grain: [[0.2, 0.5], [0.8, 0.45]], gap: [[0.5, 0.4], [0.5, 0.5]],
};

export function draftOf({ caption, pointed }: PhotoFields, system: UnitSystem): Draft {
  const { known, curve, edge, grain, gap, knownMm, pictureToShown } = pointed ?? {};
  const lines = Object.fromEntries(Object.entries({ known, curve, edge, grain, gap }).filter(([, spots]) => spots));
  return { caption, knownText: knownMm === undefined ? '' : exactLength(knownMm, system), pictureToShown: pictureToShown ?? 1, lines };
}

/** The places of a measure laid on the picture, to be dragged from there; those that lie there stay. */
export function withMeasure(lines: Draft['lines'], measure: Measure, widthPx: number, heightPx: number): Draft['lines'] {
  const first = (line: Line) => FIRST[line].map(([x, y]): SpotFields => ({ xPx: x * widthPx, yPx: y * heightPx }));
  return { ...Object.fromEntries(MEASURES[measure].map((line) => [line, first(line)])), ...lines };
}

export function withoutMeasure(lines: Draft['lines'], measure: Measure): Draft['lines'] {
  const gone: readonly Line[] = MEASURES[measure];
  return Object.fromEntries(Object.entries(lines).filter(([line]) => !gone.includes(line as Line)));
}

export function moved(lines: Draft['lines'], { line, index }: Grip, to: SpotFields): Draft['lines'] {
  return { ...lines, [line]: (lines[line] ?? []).map((spot, at) => (at === index ? to : spot)) };
}

/** One more place on a curve, in the middle of its widest gap. */
export function withOneMore(lines: Draft['lines'], most = MOST_OF_A_CURVE): Draft['lines'] {
  const curve = lines.curve ?? [];
  const gaps = curve.slice(1).map((spot, at) => Math.hypot(spot.xPx - (curve[at]?.xPx ?? 0), spot.yPx - (curve[at]?.yPx ?? 0)));
  const widest = gaps.indexOf(Math.max(...gaps));
  const [from, to] = [curve[widest], curve[widest + 1]];
  if (!from || !to || curve.length >= most) return lines;
  return { ...lines, curve: [...curve.slice(0, widest + 1), { xPx: (from.xPx + to.xPx) / 2, yPx: (from.yPx + to.yPx) / 2 }, ...curve.slice(widest + 1)] };
}

/** What is asked or kept; without the known length as long as nobody said how long it is. */
export function pointedOf({ lines, pictureToShown }: Draft, knownMm: number | undefined): PointedFields | undefined {
  const { known, curve, edge, grain, gap } = lines;
  const there = Object.fromEntries(Object.entries({ curve, edge, grain, gap }).filter(([, spots]) => spots));
  const length = known && knownMm !== undefined ? { known, knownMm } : {};
  return Object.keys({ ...there, ...length }).length === 0 ? undefined : { pictureToShown, ...there, ...length };
}
