import { bentLine, polar, type Point } from './geometry';

/** A piece on its form, as it is drawn [mm], with the height of its lettering. */
export interface Drawn {
  /** Of the inner face. */
  radius: number;
  /** Of the outermost line: the outer face or the strap on it. */
  outer: number;
  /** How far in the form reaches, as a radius. */
  formRadius: number;
  half: number;
  tail: number;
  text: number;
  /** How far a mark of what was seen reaches above the outermost line. */
  mark?: number;
}

/** A line of lettering: where its middle is, and the room it takes. */
export interface Label {
  x: number;
  y: number;
  width: number;
  height: number;
}

/** The places of what is written on the drawing. */
export interface Labels {
  stretched: Label;
  squeezed: Label;
  radius: Label;
  /** Where the line that shows the radius ends. */
  arm: Point;
}

/** Width of a letter on average and room left round a line, as shares of the height of the lettering. */
const LETTER = 0.54;
const ROOM = 0.3;
const LINE = 1.3;
/** The line that shows the radius leans so far at most [rad]. */
const MOST_LEAN = 0.9;

/** Finds for each line of lettering the first place beneath which nothing is drawn; there is always room above the piece. */
export function placeLabels(drawn: Drawn, words: { stretched: string; squeezed: string; radius: string }): Labels {
  const { radius, outer, formRadius, half, text, mark = 0 } = drawn;
  const arm = polar(radius, Math.min(half * 0.55, MOST_LEAN));
  const taken = [...ink(drawn), ...along(arm, text * 0.25)];
  const label = (word: string, x: number, y: number): Label => ({ x, y, width: word.length * LETTER * text, height: text });
  const above = (word: string, line: number) => label(word, 0, -outer - mark - text * (0.75 + line * LINE));
  const first = (candidates: Label[], otherwise: Label) => candidates.find((each) => taken.every((point) => !covers(each, point, ROOM * text))) ?? otherwise;

  const stretched = above(words.stretched, 0);
  const under = -formRadius + text * 1.2;
  const depths = [0, 0.7, 1.4, 2.1].map((step) => under + step * text).filter((y) => y < -text);
  const squeezedWidth = words.squeezed.length * LETTER * text;
  const squeezed = first(
    depths.flatMap((y) => [label(words.squeezed, 0, y), label(words.squeezed, -squeezedWidth / 2 - text, y)]),
    above(words.squeezed, 1),
  );
  const inside = squeezed.y > -outer;
  if (inside) taken.push(...corners(squeezed));
  const radiusWidth = words.radius.length * LETTER * text;
  const beside = [0.45, 0.3, 0.6, 0.75].flatMap((share) =>
    [0.6, 1, 1.5].flatMap((gap) => [1, -1].map((side) =>
      label(words.radius, arm.x * share + side * (radiusWidth / 2 + gap * text), arm.y * share + 0.3 * side * text))));
  const beneath = label(words.radius, 0, text * 1.3);
  return { arm, stretched, squeezed, radius: first([...beside, beneath], above(words.radius, inside ? 1 : 2)) };
}

/** Points on everything drawn, close enough together that no line of lettering fits between them. */
function ink({ outer, formRadius, half, tail, text }: Drawn): Point[] {
  const lines = Math.max(2, Math.ceil((outer - formRadius) / (text * 0.4)) + 1);
  return Array.from({ length: lines }, (_, i) => bentLine(formRadius + ((outer - formRadius) * i) / (lines - 1), half, tail))
    .flatMap((line) => line.flatMap((point, i) => [point, ...between(line[i - 1], point, text * 0.4)]));
}

function between(from: Point | undefined, to: Point, step: number): Point[] {
  if (!from) return [];
  const count = Math.floor(Math.hypot(to.x - from.x, to.y - from.y) / step);
  return Array.from({ length: count }, (_, i) => {
    const share = (i + 1) / (count + 1);
    return { x: from.x + (to.x - from.x) * share, y: from.y + (to.y - from.y) * share };
  });
}

function along(arm: Point, step: number): Point[] {
  return [{ x: 0, y: 0 }, ...between({ x: 0, y: 0 }, arm, step), arm];
}

function corners({ x, y, width, height }: Label): Point[] {
  const ends = between({ x: x - width / 2, y }, { x: x + width / 2, y }, height * 0.4);
  return [-0.5, 0, 0.5].flatMap((side) => ends.map((end) => ({ x: end.x, y: end.y + side * height })));
}

function covers({ x, y, width, height }: Label, point: Point, room: number): boolean {
  return Math.abs(point.x - x) < width / 2 + room && Math.abs(point.y - y) < height / 2 + room;
}
