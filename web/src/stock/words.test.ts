import { expect, it } from 'vitest';
import type { LaidReading, MarkFields } from '../api/schema';
import { STEAMED } from '../testing';
import { blanksInWords, leftInWords, moistureLine, placeInWords, pliesInWords } from './words';

const MARKS: MarkFields[] = [
  { kind: 'KNOT', alongMm: 0, acrossMm: 0, lengthMm: 20, widthMm: 20 },
  { kind: 'SAPWOOD', alongMm: 0, acrossMm: 0, lengthMm: 20, widthMm: 20 },
];
const CLEAR: LaidReading = { inBend: [], through: [], beside: [] };

it('says what a blank is made of', () => {
  expect(placeInWords({ ...CLEAR, recipe: STEAMED }, MARKS)).toBe('Clear in the bend, grain 1 in 25.');
  expect(placeInWords({ ...CLEAR, inBend: [0], beside: [1] }, MARKS)).toBe('Knot in the bend; sapwood off it.');
  expect(placeInWords({ ...CLEAR, trouble: 'SPOILT' }, MARKS)).toBe('A check or bark runs through it.');
});

it('says which plies are sawn of a blank', () => {
  expect(pliesInWords(3, 1, 7)).toBe('Ply 3 of 7');
  expect(pliesInWords(3, 3, 7)).toBe('Plies 3 to 5 of 7');
  expect(pliesInWords(6, 3, 7)).toBe('Plies 6 to 7 of 7 and 1 of the next');
  expect(pliesInWords(6, 4, 7)).toBe('Plies 6 to 7 of 7 and 1 to 2 of the next');
  expect(pliesInWords(2, 1, 1)).toBe('Ply 2');
});

it('says how wet the board was when it was last read', () => {
  expect(moistureLine([])).toBe('moisture never read');
  expect(moistureLine([{ day: '2026-03-01', percent: 20, how: 'OVEN_DRY' }, { day: '2026-04-01', percent: 10.04, how: 'SCALE' }]))
    .toBe('10 % by weighing the board, 1 Apr 2026');
});

it('says what is left', () => {
  expect(leftInWords(0.642, { lengthMm: 1016, widthMm: 152.4 }, 'inch')).toBe('64 % of the face is left, in one piece 40" × 6".');
  expect(leftInWords(0, undefined, 'inch')).toBe('0 % of the face is left.');
});

it('says how many blanks are sawn', () => {
  const blank = { name: 'Rim', alongMm: 0, acrossMm: 0, lengthMm: 600, widthMm: 40, bentFromMm: 100, bentToMm: 500 };
  expect(blanksInWords({ blanks: [blank] })).toBe('1 blank');
  expect(blanksInWords({ blanks: [blank, { ...blank, cut: true }] })).toBe('2 blanks, 1 sawn');
  expect(blanksInWords({ blanks: [{ ...blank, cut: true }] })).toBe('1 blank, sawn');
});
