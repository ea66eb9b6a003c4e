import { usePalette } from '../app/palette';
import type { Facts } from '../methods/method';
import { band, bentLine, beyondBend, pathOf, polar, type Point } from './geometry';

/** A piece on the drawing, as far as it matters to what lies round it [mm]. */
interface Lies {
  radius: number;
  /** Of the outer face. */
  outer: number;
  /** Of the outermost line: the outer face, or what lies on it. */
  outermost: number;
  half: number;
  tail: number;
  text: number;
}

/** How far in a form is drawn, as a share of its radius. */
const FORM_DEPTH = 0.84;
/** Pipes are no thicker than this, as a radius [mm], nor than the bend leaves room for. */
const PIPE_MM = 25;
const PIPE_SHARE = 0.42;
/** How loose a bag is drawn, as a share of the lettering. */
const BAG_SHARE = 0.55;

type Held = Pick<Facts, 'bentOn'>;

const pipeMm = (radius: number) => Math.min(PIPE_MM, radius * PIPE_SHARE);

/** How far off the outermost line all of it ends: a bag lies loose round the piece. */
export function looseOf({ wrapped }: Pick<Facts, 'wrapped'>, text: number): number {
  return wrapped === true ? text * BAG_SHARE : 0;
}

/** How far in what it is bent on reaches, as a radius [mm]. */
export function depthOf({ bentOn }: Held, radius: number): number {
  return bentOn === 'PIPE' ? radius - 2 * pipeMm(radius) : radius * FORM_DEPTH;
}

/** What the inner face lies on: a form, a pipe, or nothing between two posts. */
export function BentOn({ radius, half, tail, text, bentOn = 'FORM' }: Pick<Lies, 'radius' | 'half' | 'tail' | 'text'> & Held) {
  const colours = usePalette();
  if (bentOn === 'FORM') return <path d={band(radius * FORM_DEPTH, radius, half, tail)} fill={colours.data.form} />;
  if (bentOn === 'PIPE') {
    const pipe = pipeMm(radius);
    return <circle cx={0} cy={-radius + pipe} r={pipe} fill={colours.data.form} stroke={colours.text.secondary} strokeWidth={text * 0.12} data-part="pipe" />;
  }
  const post = text * 0.7;
  const places = [-1, 1].map((side) => polar(radius - post, side * half * 0.6));
  return <>{places.map(({ x, y }) => <circle key={x} cx={x} cy={y} r={post} fill={colours.data.form} stroke={colours.text.secondary} strokeWidth={text * 0.08} data-part="post" />)}</>;
}

/** What lies on the outer face, at the ends and round all of it: bark, the stops of a strap, a bag. */
export function Around({ radius, outer, outermost, half, tail, text, bark, facts }: Lies & { bark: boolean; facts: Pick<Facts, 'strap' | 'wrapped'> }) {
  const colours = usePalette();
  const { strap } = facts;
  const gap = looseOf(facts, text);
  return (
    <g data-part="around">
      {bark && <path d={pathOf(rough(outer, half, tail, text * 0.22))} fill="none" stroke={colours.text.secondary} strokeWidth={text * 0.14} strokeLinejoin="round" data-part="bark" />}
      {strap?.held === true && stops(radius, outermost, half, tail, text * 0.4, strap.endGapMm).map((stop) => <path key={stop} d={stop} fill={colours.data.strap} data-part="stop" />)}
      {gap > 0 && (
        <path d={band(radius - gap, outermost + gap, half, tail + gap)} fill="none" stroke={colours.text.secondary} strokeWidth={text * 0.08} strokeLinejoin="round"
          strokeDasharray={`${text * 0.2} ${text * 0.25}`} data-part="bag" />
      )}
    </g>
  );
}

/** A line along the outer face that is as uneven as bark. */
function rough(outer: number, half: number, tail: number, high: number): Point[] {
  const ridges = bentLine(outer + high, half, tail);
  return bentLine(outer + high * 0.4, half, tail).map((furrow, index) => (index % 2 === 0 ? furrow : ridges[index] ?? furrow));
}

/** The stops of a strap against both ends of the piece, their slack shared between them. */
function stops(radius: number, outermost: number, half: number, tail: number, thick: number, endGapMm: number): string[] {
  return [-1, 1].map((side) => {
    const along = (at: number, mm: number) => beyondBend(at, half, side, mm);
    const from = tail + endGapMm / 2;
    return `${pathOf([along(radius, from), along(outermost, from), along(outermost, from + thick), along(radius, from + thick)])}Z`;
  });
}
