import { describe, expect, it } from 'vitest';
import { STEAMED } from '../testing';
import { fellOutInWords, hoursInWords } from './words';

describe('ways in words', () => {
  it('says when the piece is off the form', () => {
    expect(hoursInWords({ hours: 24.5 })).toBe('off the form after 25 h');
    expect(hoursInWords({ hours: 72 })).toBe('off the form after 3 days');
    expect(hoursInWords({ hours: 63 })).toBe('off the form after 2.6 days');
  });

  it('says why others fell out, with the one that came nearest', () => {
    const words = fellOutInWords({ because: 'DRY_WOOD', count: 340, best: STEAMED, unbroken: 0.61 }, 'inch');
    expect(words).toContain('340 because the wood is too dry');
    expect(words).toContain('6 in 10');
    expect(words).toContain('60 min steam at 208 °F');
  });

  it('has words for a reason only the records know', () => {
    expect(fellOutInWords({ because: 'BOARD', count: 2, best: STEAMED, unbroken: 0.5 }, 'metric')).toContain('your records speak against them');
  });
});
