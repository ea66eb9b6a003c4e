import { describe, expect, it } from 'vitest';
import type { StretchFields } from '../api/schema';
import { after, boxRound, leftOf, partPath, posesOf, pulled, runOf, settled, type Pose } from './geometry';

const THICK = 20;
const STRAIGHT: StretchFields = { kind: 'STRAIGHT', lengthMm: 100 };
const QUARTER: StretchFields = { kind: 'ARC', innerRadiusMm: 90, angleDegrees: 90, turn: 'LEFT' };
const START: Pose = { x: 0, y: 0, heading: 0 };

describe('a piece along a chain', () => {
  it('goes straight, then round a quarter of its middle', () => {
    const end = posesOf([runOf(STRAIGHT, THICK), runOf(QUARTER, THICK)])[2] as Pose;
    expect(end.x).toBeCloseTo(200, 9);
    expect(end.y).toBeCloseTo(100, 9);
    expect(end.heading).toBeCloseTo(Math.PI / 2, 12);
  });

  it('turns the other way to the right', () => {
    expect(after(START, runOf({ ...QUARTER, turn: 'RIGHT' }, THICK)).y).toBeCloseTo(-100, 9);
  });

  it('lies in its box with both faces drawn about one centre', () => {
    const run = runOf(QUARTER, THICK);
    expect(boxRound([run], [START], 0).map((side) => Math.round(side) + 0)).toEqual([0, -100, 100, 100]);
    const path = partPath(START, run, THICK);
    expect(path).toContain('A90.00 90.00 0 0 0 90.00 -100.00');
    expect(path).toContain('A110.00 110.00 0 0 1 0.00 10.00');
  });
});

describe('pulling', () => {
  it('makes a straight as long as the hand is along it, wherever it is beside it', () => {
    expect(pulled({ index: 0, what: 'lengthMm' }, STRAIGHT, START, { x: 130, y: 40 }, THICK)).toBe(130);
  });

  it('turns an arc as far as the hand is round its centre, on past a full turn', () => {
    const at = (degrees: number) => ({ x: 150 * Math.sin((degrees * Math.PI) / 180), y: 100 - 150 * Math.cos((degrees * Math.PI) / 180) });
    expect(pulled({ index: 0, what: 'angleDegrees' }, QUARTER, START, at(60), THICK)).toBeCloseTo(60, 9);
    expect(pulled({ index: 0, what: 'angleDegrees' }, { ...QUARTER, angleDegrees: 350 }, START, at(10), THICK)).toBeCloseTo(370, 9);
    expect(pulled({ index: 0, what: 'angleDegrees' }, { ...QUARTER, turn: 'RIGHT' }, START, { x: at(60).x, y: -at(60).y }, THICK)).toBeCloseTo(60, 9);
  });

  it('widens an arc so that its middle goes through the hand', () => {
    const middle = after(START, runOf({ ...QUARTER, innerRadiusMm: 190 }, THICK), 0.5);
    expect(pulled({ index: 0, what: 'innerRadiusMm' }, QUARTER, START, middle, THICK)).toBeCloseTo(190, 9);
  });

  it('settles on marks of the rule and never on nothing', () => {
    expect(settled('lengthMm', 100.4, 'metric')).toBe(100);
    expect(settled('lengthMm', 26, 'inch') / 25.4).toBeCloseTo(1, 9);
    expect(settled('innerRadiusMm', -40, 'metric')).toBe(6);
    expect(settled('innerRadiusMm', 0, 'inch')).toBeCloseTo(6.35, 9);
    expect(settled('angleDegrees', 0.2, 'inch')).toBe(1);
  });
});

it('stands so far to the left of where it heads', () => {
  expect(leftOf({ x: 5, y: 5, heading: 0 }, 3)).toEqual({ x: 5, y: 8 });
});
