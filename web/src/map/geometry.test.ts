import { describe, expect, it } from 'vitest';
import type { MapAnswer } from '../api/schema';
import { cellAt, contourPaths, FRAME, FRAME_ON_PHONE, placeOf, valueAt } from './geometry';

const steps = (from: number, to: number, count: number) => Array.from({ length: count }, (_, i) => from * (to / from) ** (i / (count - 1)));

/** Holds just where the radius is wide: the chance runs evenly from 0 at the tightest to 1 at the widest. */
const map: MapAnswer = {
  thicknessMm: steps(2, 32, 5),
  innerRadiusMm: steps(25, 400, 5),
  unbroken: [0, 0.25, 0.5, 0.75, 1].map((p) => Array.from({ length: 5 }, () => p)),
  low: [],
  high: [],
  pieces: [],
};

describe.each([['a screen', FRAME], ['a phone', FRAME_ON_PHONE]])('the bend map on %s', (_, frame) => {
  it('lays out thickness to the right and radius upwards, both by their logarithm', () => {
    const middle = placeOf(frame, map, 8, 100);
    expect(middle.x).toBeCloseTo(frame.left + frame.width / 2);
    expect(middle.y).toBeCloseTo(frame.top + frame.height / 2);
    expect(placeOf(frame, map, 16, 200).x).toBeGreaterThan(middle.x);
    expect(placeOf(frame, map, 16, 200).y).toBeLessThan(middle.y);
  });

  it('reads a place back as the same thickness and radius', () => {
    const at = placeOf(frame, map, 5, 60);
    const back = valueAt(frame, map, at.x, at.y);
    expect(back.thicknessMm).toBeCloseTo(5);
    expect(back.radiusMm).toBeCloseTo(60);
  });

  it('keeps to the map when pointed at beyond it', () => {
    expect(valueAt(frame, map, -1000, 1e6)).toEqual({ thicknessMm: 2, radiusMm: 25 });
    expect(cellAt(map, 1000, 1)).toEqual({ row: 0, column: 4 });
  });

  it('draws the line of even odds where they are even', () => {
    const [half] = contourPaths(frame, map, map.unbroken, [0.5]);
    const ys = [...(half?.path.matchAll(/[ML]([\d.]+) ([\d.]+)/g) ?? [])].map(([, , y]) => Number(y));
    expect(Math.max(...ys)).toBeCloseTo(frame.top + frame.height / 2, 0);
  });
});
