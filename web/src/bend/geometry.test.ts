import { describe, expect, it } from 'vitest';
import { bentLine, boxAround, polar, tailLength, thickEnds, type Point } from './geometry';

function length(points: Point[]): number {
  return points.slice(1).reduce((sum, p, i) => {
    const before = points[i] as Point;
    return sum + Math.hypot(p.x - before.x, p.y - before.y);
  }, 0);
}

describe('a piece round its form', () => {
  it('is as long as its arc and both straight ends', () => {
    const line = bentLine(100, Math.PI / 2, 40);
    expect(length(line)).toBeCloseTo(Math.PI * 100 + 80, 0);
  });

  it('goes on straight where the curve ends', () => {
    const line = bentLine(100, Math.PI / 4, 40);
    const [end, start, before] = [line.at(-1), line.at(-2), line.at(-3)] as [Point, Point, Point];
    const turn = (a: Point, b: Point) => Math.atan2(b.y - a.y, b.x - a.x);
    expect(turn(start, end)).toBeCloseTo(Math.PI / 4, 2);
    expect(turn(start, end) - turn(before, start)).toBeLessThan(0.02);
  });

  it('keeps every point of the curve at its radius', () => {
    for (const p of bentLine(80, Math.PI * 0.9, 0)) expect(Math.hypot(p.x, p.y)).toBeCloseTo(80, 6);
  });

  it('points its middle up and leaves out straight ends that would collide', () => {
    expect(polar(10, 0).y).toBe(-10);
    expect(tailLength(100, 340)).toBe(0);
    expect(tailLength(100, 90)).toBeGreaterThan(0);
  });

  it('is as thick as the rest where the thinned length has ended', () => {
    const half = Math.PI / 4;
    const corners = (path: string) => [...path.matchAll(/[ML](-?[\d.]+) (-?[\d.]+)/g)].map(([, x, y]) => ({ x: Number(x), y: Number(y) }));
    const within = thickEnds(110, 120, half, 40, 100).map(corners);
    expect(within).toHaveLength(2);
    for (const end of within) {
      expect(Math.hypot(end[0]?.x ?? 0, end[0]?.y ?? 0)).toBeCloseTo(110, 1);
      expect(Math.abs(Math.atan2(end[0]?.x ?? 0, -(end[0]?.y ?? 0)))).toBeCloseTo(50 / 110, 2);
    }
    const bend = 2 * half * 110;
    expect(thickEnds(110, 120, half, 40, bend + 30).map(corners)[1]?.[0]?.x, 'a little way along the straight end').toBeCloseTo(polar(110, half).x + 15 * Math.cos(half), 1);
    expect(thickEnds(110, 120, half, 40, bend + 90), 'beyond what is drawn').toEqual([]);
  });

  it('fits a box with its margin', () => {
    expect(boxAround([{ x: 0, y: 0 }, { x: 10, y: 20 }], 5)).toEqual({ x: -5, y: -5, width: 20, height: 30 });
  });
});
