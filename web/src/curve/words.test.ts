import { expect, it } from 'vitest';
import type { FormReading } from '../api/schema';
import { about, bendLabel, cutList } from './words';

const FORM: FormReading = { piece: '', parts: [], laid: [], sheets: 1, pegs: 0, runOutMm: 40, cost: 0, hours: 1, box: [0, 0, 1, 1] };
const HOLE = { use: 'PIN', xMm: 0, yMm: 0, diameterMm: 12 } as const;

it('says layers, holes, ribs, blocks and pegs as they are counted at the bench', () => {
  const body = { role: 'BODY', path: '', holes: [HOLE, HOLE], layers: 3, marks: [] } as const;
  const board = { role: 'BOARD', path: '', holes: [], layers: 1, marks: ['a', 'b'] } as const;
  expect(cutList({ ...FORM, parts: [{ ...body, holes: [...body.holes], marks: [] }] }, 19.05, 'inch')).toEqual(['Body: 3 layers of 3/4", 2 holes through each']);
  expect(cutList({ ...FORM, parts: [{ role: 'RIB', path: '', holes: [], layers: 4, marks: [] }] }, 18, 'metric')).toEqual(['4 ribs of 18 mm']);
  expect(cutList({ ...FORM, parts: [{ role: 'BLOCK', path: '', holes: [], layers: 6, marks: [] }, { ...board, holes: [], marks: [...board.marks] }] }, 18, 'metric'))
    .toEqual(['2 blocks, each of 3 layers of 18 mm', 'Board: 1 layer of 18 mm']);
  expect(cutList({ ...FORM, pegs: 12, parts: [{ ...board, holes: [], marks: [] }] }, 18, 'metric')[1]).toContain('12 pegs');
});

it('says what was worked out as closely as a bench goes by it', () => {
  expect(about(216.9914, 'inch')).toBe('8 9/16"');
  expect(about(216.9914, 'metric')).toBe('217 mm');
  expect(bendLabel({ tightestMm: 152.4, angleDegrees: 89.6 }, 'inch')).toBe('R 6", 90°');
});
