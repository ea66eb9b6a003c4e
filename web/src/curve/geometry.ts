import type { StretchFields } from '../api/schema';
import type { UnitSystem } from '../app/units';

/** Plane geometry of a piece along a chain, in mm, x to the right and y up; headings in radians, a curvature above zero turns left. */

export interface Run {
  lengthMm: number;
  curvature: number;
}

export interface Pose {
  x: number;
  y: number;
  heading: number;
}

/** The run along the middle of a piece so thick. */
export function runOf(stretch: StretchFields, thicknessMm: number): Run {
  if (stretch.kind === 'STRAIGHT') return { lengthMm: stretch.lengthMm ?? 0, curvature: 0 };
  const middle = (stretch.innerRadiusMm ?? 0) + thicknessMm / 2;
  return { lengthMm: radians(stretch.angleDegrees ?? 0) * middle, curvature: (stretch.turn === 'RIGHT' ? -1 : 1) / middle };
}

function radians(degrees: number): number {
  return (degrees * Math.PI) / 180;
}

/** Where a share of a run leads from a place and heading. */
export function after({ x, y, heading }: Pose, { lengthMm, curvature }: Run, share = 1): Pose {
  const length = lengthMm * share;
  const half = (length * curvature) / 2;
  const chord = Math.abs(half) < 1e-8 ? length : (length * Math.sin(half)) / half;
  return { x: x + chord * Math.cos(heading + half), y: y + chord * Math.sin(heading + half), heading: heading + 2 * half };
}

/** Where each run starts, and where the last one ends. */
export function posesOf(runs: Run[]): Pose[] {
  const poses: Pose[] = [{ x: 0, y: 0, heading: 0 }];
  runs.forEach((run) => poses.push(after(poses[poses.length - 1] as Pose, run)));
  return poses;
}

/** Where the line is so far along. */
export function poseAt(runs: Run[], poses: Pose[], alongMm: number): Pose {
  let left = alongMm;
  for (const [index, run] of runs.entries()) {
    if (left <= run.lengthMm) return after(poses[index] as Pose, run, left / run.lengthMm);
    left -= run.lengthMm;
  }
  return poses[poses.length - 1] as Pose;
}

/** The place so far to the left. */
export function leftOf({ x, y, heading }: Pose, distance: number): { x: number; y: number } {
  return { x: x - distance * Math.sin(heading), y: y + distance * Math.cos(heading) };
}

const print = (value: number) => value.toFixed(2);

/** Arcs beside a run as path data, from where the pen is; nothing turns by more than a third of a circle at once. */
function beside(pose: Pose, run: Run, distance: number, back: boolean): string {
  const parts = Math.max(1, Math.ceil(Math.abs(run.lengthMm * run.curvature) / 2));
  const radius = run.curvature === 0 ? 0 : Math.abs(1 / run.curvature - distance);
  const sweep = run.curvature > 0 === back ? 1 : 0;
  return Array.from({ length: parts }, (_, part) => {
    const to = leftOf(after(pose, run, back ? 1 - (part + 1) / parts : (part + 1) / parts), distance);
    return run.curvature === 0 ? `L${print(to.x)} ${print(-to.y)}` : `A${print(radius)} ${print(radius)} 0 0 ${sweep} ${print(to.x)} ${print(-to.y)}`;
  }).join('');
}

/** One part of the piece, both its faces and its ends, as path data with y downwards. */
export function partPath(pose: Pose, run: Run, thicknessMm: number): string {
  const half = thicknessMm / 2;
  const start = leftOf(pose, half);
  const turned = leftOf(after(pose, run), -half);
  return `M${print(start.x)} ${print(-start.y)}${beside(pose, run, half, false)}L${print(turned.x)} ${print(-turned.y)}${beside(pose, run, -half, true)}Z`;
}

/** Left, upper edge, width and height round all of it, y downwards. */
export function boxRound(runs: Run[], poses: Pose[], margin: number): [x: number, y: number, width: number, height: number] {
  const places = runs.flatMap((run, index) => {
    const parts = Math.max(1, Math.ceil(Math.abs(run.lengthMm * run.curvature) / 0.2));
    return Array.from({ length: parts + 1 }, (_, part) => after(poses[index] as Pose, run, part / parts));
  });
  const xs = places.map(({ x }) => x);
  const ys = places.map(({ y }) => -y);
  const x = Math.min(...xs) - margin;
  const y = Math.min(...ys) - margin;
  return [x, y, Math.max(...xs) + margin - x, Math.max(...ys) + margin - y];
}

/** A place on the drawing that can be taken hold of: the end of a part, or the middle of an arc. */
export interface Grip {
  index: number;
  what: 'lengthMm' | 'innerRadiusMm' | 'angleDegrees';
}

/** A mark of the rule, and a degree. */
export const STEP: Record<Grip['what'], Record<UnitSystem, number>> = {
  lengthMm: { inch: 25.4 / 16, metric: 1 },
  innerRadiusMm: { inch: 25.4 / 8, metric: 1 },
  angleDegrees: { inch: 1, metric: 1 },
};
const LEAST = { lengthMm: 1, innerRadiusMm: 6, angleDegrees: 1 };
const MOST = { lengthMm: 10_000, innerRadiusMm: 20_000, angleDegrees: 720 };

/** A value on the marks, within what can be drawn. */
export function settled(what: Grip['what'], value: number, system: UnitSystem): number {
  const step = STEP[what][system];
  return Math.max(Math.ceil(LEAST[what] / step) * step, Math.min(MOST[what], Math.round(value / step) * step));
}

/** What a part measures when what is held is at a place: how long it is, how far round it goes, how wide it curves. */
export function pulled({ what }: Grip, stretch: StretchFields, pose: Pose, to: { x: number; y: number }, thicknessMm: number): number {
  const dx = to.x - pose.x;
  const dy = to.y - pose.y;
  if (what === 'lengthMm') return dx * Math.cos(pose.heading) + dy * Math.sin(pose.heading);
  const run = runOf(stretch, thicknessMm);
  const angle = radians(stretch.angleDegrees ?? 0);
  if (what === 'innerRadiusMm') {
    // the middle of an arc of radius R that turns by θ lies 2R·sin(θ/4) from its start
    return Math.hypot(dx, dy) / (2 * Math.max(0.05, Math.abs(Math.sin(angle / 4)))) - thicknessMm / 2;
  }
  const centre = leftOf(pose, 1 / run.curvature);
  const sign = Math.sign(run.curvature);
  const from = Math.atan2(pose.y - centre.y, pose.x - centre.x);
  const turned = sign * (Math.atan2(to.y - centre.y, to.x - centre.x) - from);
  // whoever pulls on past a full turn is followed
  return ((turned + Math.round((angle - turned) / (2 * Math.PI)) * 2 * Math.PI) * 180) / Math.PI;
}
