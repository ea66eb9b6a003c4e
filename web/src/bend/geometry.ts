/** Plane geometry of a piece round a form, in mm, x to the right and y down, the bend's middle pointing up. */

export interface Point {
  x: number;
  y: number;
}

/** The point at a radius, so many radians clockwise from straight up. */
export function polar(radius: number, angle: number): Point {
  return { x: radius * Math.sin(angle), y: -radius * Math.cos(angle) };
}

const STEPS = 96;

/** The bent part and straight ends of a line that lies at a radius: along the left end, round, along the right end. */
export function bentLine(radius: number, halfAngle: number, tail: number): Point[] {
  const points: Point[] = [];
  for (let step = 0; step <= STEPS; step++) {
    points.push(polar(radius, -halfAngle + (2 * halfAngle * step) / STEPS));
  }
  if (tail === 0) return points;
  const left = points[0] as Point;
  const right = points[STEPS] as Point;
  const run = { x: tail * Math.cos(halfAngle), y: tail * Math.sin(halfAngle) };
  return [{ x: left.x - run.x, y: left.y + run.y }, ...points, { x: right.x + run.x, y: right.y + run.y }];
}

export function pathOf(points: Point[]): string {
  return points.map((p, i) => `${i === 0 ? 'M' : 'L'}${p.x.toFixed(2)} ${p.y.toFixed(2)}`).join('');
}

/** The closed outline between two bent lines. */
export function band(inner: number, outer: number, halfAngle: number, tail: number): string {
  return `${pathOf([...bentLine(inner, halfAngle, tail), ...bentLine(outer, halfAngle, tail).reverse()])}Z`;
}

/** Straight ends get in each other's way once the piece is bent far round. */
export function tailLength(radius: number, angleDegrees: number): number {
  return angleDegrees > 200 ? 0 : radius * 0.45;
}

export interface Box {
  x: number;
  y: number;
  width: number;
  height: number;
}

export function boxAround(points: Point[], margin: number): Box {
  const xs = points.map((p) => p.x);
  const ys = points.map((p) => p.y);
  const x = Math.min(...xs) - margin;
  const y = Math.min(...ys) - margin;
  return { x, y, width: Math.max(...xs) + margin - x, height: Math.max(...ys) + margin - y };
}
