import { describe, expect, it } from 'vitest';
import { METHODS } from '../methods/forms';
import { STEAMED } from '../testing';
import type { ModeForecast, RecipeFields } from '../api/schema';
import { blemishesInWords, hiddenInWords, limitInWords, oddsInWords, rangeInWords, reasonsInWords } from './words';

const tension: ModeForecast = {
  mode: 'TENSION',
  ratio: 1.24,
  demand: 0.021,
  limit: 0.017,
  broken: 0.4,
  reasons: [
    { cause: 'DRY_WOOD', size: 2.1 },
    { cause: 'CURVE', size: 0.9 },
    { cause: 'SLOPING_GRAIN', size: 0.2 },
  ],
};

describe('odds in words', () => {
  it.each([
    [0.7, '7 in 10'],
    [0.95, '19 in 20'],
    [0.98, '49 in 50'],
    [0.999, '49 in 50'],
    [0.05, '1 in 20'],
    [0.001, 'less than 1 in 100'],
  ])('says %s as %s', (p, words) => {
    expect(oddsInWords(p)).toBe(words);
  });

  it('says better than 99 in 100 only where so many records can show it', () => {
    expect(oddsInWords(0.999, 40)).toBe('49 in 50');
    expect(oddsInWords(0.999, 400)).toBe('better than 99 in 100');
  });

  it('says what part breaks unforeseen, and whether that is known yet', () => {
    expect(hiddenInWords(0.04, 160)).toBe('Of these, 4 in 100 of your pieces break for no reason we can see.');
    expect(hiddenInWords(0.03, 0)).toContain('until your own bends say better');
    expect(hiddenInWords(0.001, 200)).toContain('fewer than 1 in 100');
  });

  it('rounds the range outwards, never inwards', () => {
    expect(rangeInWords({ probability: 0.75, low: 0.62, high: 0.88 })).toBe('between 6 and 9 in 10');
    expect(rangeInWords({ probability: 0.97, low: 0.941, high: 0.985 })).toBe('between 94 and 99 in 100');
    expect(rangeInWords({ probability: 0.97, low: 0.923, high: 0.9999 })).toBe('92 in 100 at worst');
    expect(rangeInWords({ probability: 0.02, low: 0.0001, high: 0.065 })).toBe('7 in 100 at best');
  });

  it('names the face, and what to do about the largest reason first', () => {
    expect(limitInWords(tension, STEAMED, { thicknessMm: 19 })).toMatch(/^The stretch of the outer face limits it: 124 %/);
    const said = reasonsInWords(tension, METHODS.STEAM_BOX);
    expect(said).toHaveLength(2);
    expect(said[0]).toContain('Soak it overnight');
  });

  it('gives no advice on a bend that hardly ever breaks', () => {
    expect(reasonsInWords({ ...tension, broken: 0.01 }, METHODS.STEAM_BOX)).toEqual([]);
  });

  it('says of which of its parts a face is', () => {
    const method = { kind: 'KERFED_PLIES' as const, glue: 'PVA' as const, plies: 3, cleanMm: 1.5, kerfMm: 3, webMm: 2, pitchMm: 8 };
    const said = (thicknessMm: number) => limitInWords(tension, { ...STEAMED, method }, { thicknessMm });
    expect(said(1.5)).toMatch(/^The stretch of the outer face of the clean ply limits it: 124 %/);
    expect(said(2)).toMatch(/^The stretch of the outer face of a web limits it/);
    const shaved = { ...STEAMED, method: { ...STEAMED.method, thinnedMm: 9, thinnedOverMm: 300 } } as RecipeFields;
    expect(limitInWords(tension, shaved, { thicknessMm: 9 })).toMatch(/^The stretch of the outer face where it is thinned limits it/);
    expect(limitInWords(tension, shaved, { thicknessMm: STEAMED.blank.thicknessMm })).toMatch(/where the thinning ends limits it/);
  });

  it('says what may spoil a piece that holds, and what the records have seen of it', () => {
    expect(blemishesInWords([{ blemish: 'SCORCH', chance: 0.12, seen: 2, of: 14 }, { blemish: 'FACETS', chance: 0.01, seen: 0, of: 3 }]))
      .toEqual(['About 12 in 100 that hold scorch on the pipe (of your last 14 this way 2 did). Keep the face wet, let the pipe cool until drops dance.']);
    expect(blemishesInWords([{ blemish: 'PLIES_CREPT', chance: 0.03, seen: 0, of: 0 }])[0]).toMatch(/^About 3 in 100 that hold have plies that creep\. Snug/);
    expect(blemishesInWords([{ blemish: 'STUCK_TO_FORM', chance: 0.04, seen: 0, of: 1 }])[0]).toContain('(of your last 1 this way none did)');
  });

  it('does not advise a strap on plies', () => {
    expect(reasonsInWords({ ...tension, reasons: [{ cause: 'CURVE', size: 2 }] }, METHODS.COLD_LAMINATION)[0]).toContain('thinner plies');
  });
});
