import { describe, expect, it } from 'vitest';
import { bentLine, boxAround, polar, tailLength, type Point } from './geometry';

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

  it('fits a box with its margin', () => {
    expect(boxAround([{ x: 0, y: 0 }, { x: 10, y: 20 }], 5)).toEqual({ x: -5, y: -5, width: 20, height: 30 });
  });
});
