import { describe, expect, it } from 'vitest';
import { frameAt, stageSpans, valueAt } from './geometry';
import { printTime } from './time';

describe('times as they are said', () => {
  it.each([
    [25, '25 s'],
    [480, '8 min'],
    [7800, '2 h 10 min'],
    [7200, '2 h'],
    [86_400 * 9, '9 days'],
    [86_400 * 14.2, '14 days'],
  ])('%s seconds are %s', (seconds, said) => {
    expect(printTime(seconds)).toBe(said);
  });
});

describe('the strip', () => {
  const stages = [
    { kind: 'STEAM_BOX' as const, softens: true, seconds: 3600, frames: [] },
    { kind: 'CARRY' as const, softens: false, seconds: 20, frames: [] },
  ];

  it('gives each stage room of its own, from end to end without a gap', () => {
    const spans = stageSpans(stages, 600);
    expect(spans[0]?.from).toBe(0);
    expect(spans[0]?.to).toBe(spans[1]?.from);
    expect(spans[1]?.to).toBeCloseTo(600);
    expect((spans[1]?.to ?? 0) - (spans[1]?.from ?? 0)).toBeGreaterThan(100);
  });

  const frames = [
    { seconds: 0, softness: [0, 0], moisture: [8, 8], celsius: [18, 18] },
    { seconds: 10, softness: [1, 0.5], moisture: [9, 8], celsius: [98, 58] },
  ];

  it('shows the last moment that has begun', () => {
    expect(frameAt(frames, 4)).toBe(0);
    expect(frameAt(frames, 10)).toBe(1);
    expect(frameAt(frames, 99)).toBe(1);
  });

  it('reads values between two moments', () => {
    expect(valueAt(frames, 5, 'celsius')).toEqual([58, 38]);
  });
});
