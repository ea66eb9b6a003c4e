import { describe, expect, it } from 'vitest';
import { printKnown } from './printing';

const inches = (inch: number) => inch * 25.4;
const between = (low: number, high: number) => ({ lowMm: inches(low), highMm: inches(high) });

describe('a length to what is known of it', () => {
  it('is read to a mark of the rule no finer than a tenth of its range', () => {
    // 10 35/64" known to three quarters of an inch
    expect(printKnown(inches(10.547), between(10.2, 10.95), 'inch')).toBe('10 1/2"');
    expect(printKnown(inches(6.14), between(6, 6.3), 'inch')).toBe('6 1/8"');
    expect(printKnown(inches(31.3), between(27, 36), 'inch')).toBe('31"');
  });

  it('is read to a sixteenth at best, below an inch to half of that', () => {
    expect(printKnown(inches(6.14), between(6.14, 6.14), 'inch')).toBe('6 1/8"');
    expect(printKnown(inches(0.53), between(0.52, 0.54), 'inch')).toBe('17/32"');
  });

  it('is read to half a millimetre at best, and to whole ones or tens where less is known', () => {
    expect(printKnown(156.3, { lowMm: 155, highMm: 158 }, 'metric')).toBe('157 mm');
    expect(printKnown(78.3, { lowMm: 77, highMm: 80 }, 'metric')).toBe('78.5 mm');
    expect(printKnown(1234, { lowMm: 1180, highMm: 1290 }, 'metric')).toBe('1240 mm');
    expect(printKnown(12.34, { lowMm: 12, highMm: 12.6 }, 'metric')).toBe('12.3 mm');
  });

  it('is read to the coarsest mark however little is known', () => {
    expect(printKnown(inches(31.3), between(10, 80), 'inch')).toBe('31"');
  });
});
