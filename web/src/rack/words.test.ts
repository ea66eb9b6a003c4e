import { describe, expect, it } from 'vitest';
import type { DryingView } from '../api/schema';
import { paceInWords, passingInWords } from './words';

describe('when it is dry, in words', () => {
  const day = '2026-11-24';

  it('gives a day and a range', () => {
    const said = passingInWords({ earliest: '2026-11-30', middle: '2026-12-03', latest: '2026-12-08' }, 10, day);
    expect(said).toBe('Below 10 % about 3 Dec 2026, between 30 Nov 2026 and 8 Dec 2026.');
  });

  it('says so when it is dry, or when the air never lets it be', () => {
    expect(passingInWords({ earliest: '2026-11-01', middle: '2026-11-05', latest: '2026-11-20' }, 10, day)).toContain('now');
    expect(passingInWords({}, 8, day)).toContain('does not allow');
    expect(passingInWords({ earliest: '2026-12-01' }, 8, day)).toContain('Perhaps never');
  });

  it('compares the piece with its species only once it was weighed and the range is clear', () => {
    const drying = (low: number, high: number, readings: number) =>
      ({ pace: { low, middle: (low + high) / 2, high }, readings: Array(readings).fill({}) }) as DryingView;
    expect(paceInWords(drying(0.5, 0.8, 0))).toContain('Not weighed');
    expect(paceInWords(drying(0.5, 0.8, 2))).toContain('slower');
    expect(paceInWords(drying(1.2, 1.8, 2))).toContain('faster');
    expect(paceInWords(drying(0.8, 1.3, 2))).toContain('about as');
  });
});
