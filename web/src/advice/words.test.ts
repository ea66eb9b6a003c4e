import { describe, expect, it } from 'vitest';
import { changeInWords, changesInWords } from './words';

describe('steps in words', () => {
  it('say lengths and temperatures in the person’s own units', () => {
    expect(changeInWords({ kind: 'THINNER', amount: 11.1125 }, 'inch')).toBe('Mill it to 7/16"');
    expect(changeInWords({ kind: 'THINNER', amount: 11.1125 }, 'metric')).toBe('Mill it to 11.1 mm');
    expect(changeInWords({ kind: 'HOTTER_CHAMBER', amount: 98 }, 'inch')).toBe('Get the chamber to 208 °F');
  });

  it('join into one sentence', () => {
    expect(changesInWords([{ kind: 'SOAK', amount: 14 }, { kind: 'TIGHTEN_STOPS', amount: 0 }], 'inch')).toBe('Soak it 14 h first; set the stops hard');
  });
});
