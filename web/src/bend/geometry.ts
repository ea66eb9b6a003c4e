/** Plane geometry of a piece round a form, in mm, x to the right and y down, the bend's middle pointing up. */

export interface Point {
  x: number;
  y: number;
}

/** The point at a radius, so many radians clockwise from straight up. */
export function polar(radius: number, angle: number): Point {
  return { x: radius * Math.sin(angle), y: -radius * Math.cos(angle) };
}

/** The point so far beyond the end of a bend [mm], where a line at a radius has gone on straight: the left end (-1) or the right one (1). */
export function beyondBend(radius: number, halfAngle: number, side: number, mm: number): Point {
  const end = polar(radius, side * halfAngle);
  return { x: end.x + side * mm * Math.cos(halfAngle), y: end.y + mm * Math.sin(halfAngle) };
}

const STEPS = 96;

/** The bent part and straight ends of a line that lies at a radius: along the left end, round, along the right end. */
export function bentLine(radius: number, halfAngle: number, tail: number): Point[] {
  const points: Point[] = [];
  for (let step = 0; step <= STEPS; step++) {
    points.push(polar(radius, -halfAngle + (2 * halfAngle * step) / STEPS));
  }
  if (tail === 0) return points;
  return [beyondBend(radius, halfAngle, -1, tail), ...points, beyondBend(radius, halfAngle, 1, tail)];
}

export function pathOf(points: Point[]): string {
  return points.map((p, i) => `${i === 0 ? 'M' : 'L'}${p.x.toFixed(2)} ${p.y.toFixed(2)}`).join('');
}

/** The closed outline between two bent lines. */
export function band(inner: number, outer: number, halfAngle: number, tail: number): string {
  return `${pathOf([...bentLine(inner, halfAngle, tail), ...bentLine(outer, halfAngle, tail).reverse()])}Z`;
}

/**
 * Both ends of a piece that is thinned in the middle, beyond the thinned length along its outer face, between the thinned face and the
 * whole one; none where the drawing ends before the thinning does.
 */
export function thickEnds(thinned: number, whole: number, halfAngle: number, tail: number, overMm: number): string[] {
  const bentMm = 2 * halfAngle * thinned;
  const into = Math.min(halfAngle, overMm / (2 * thinned));
  const beyond = Math.max(0, (overMm - bentMm) / 2);
  if (tail <= beyond && into >= halfAngle) return [];
  return [-1, 1].map((side) => {
    const line = (radius: number): Point[] => {
      const turn = Array.from({ length: STEPS + 1 }, (_, step) => polar(radius, side * (into + ((halfAngle - into) * step) / STEPS)));
      const along = (mm: number) => beyondBend(radius, halfAngle, side, mm);
      return [...(into < halfAngle ? turn : []), along(beyond), ...(tail > beyond ? [along(tail)] : [])];
    };
    return `${pathOf([...line(thinned), ...line(whole).reverse()])}Z`;
  });
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
