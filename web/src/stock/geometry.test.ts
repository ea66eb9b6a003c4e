import { expect, it } from 'vitest';
import type { BoardFields } from '../api/schema';
import { ruleMarks, settled, withChanged, without } from './geometry';

const BLANK = { name: 'Rim', alongMm: 0, acrossMm: 0, lengthMm: 600, widthMm: 40, bentFromMm: 100, bentToMm: 500 };
const BOARD: BoardFields = {
  name: 'ash', speciesId: 'white-ash', seasoning: 'AIR_DRIED', growthRings: 'FLAT', lengthMm: 2400, widthMm: 160, thicknessMm: 27, kerfMm: 3, note: '',
  marks: [{ kind: 'KNOT', alongMm: 300, acrossMm: 60, lengthMm: 20, widthMm: 20 }], readings: [], blanks: [BLANK, { ...BLANK, alongMm: 900 }],
};
const SECOND = { what: 'blanks', index: 1 } as const;

it('lays a blank a saw cut from another when it is let go near', () => {
  expect(settled(BOARD, SECOND, { alongMm: 607, acrossMm: 2 }, 'metric')).toEqual({ alongMm: 603, acrossMm: 0 });
  expect(settled(BOARD, SECOND, { alongMm: 4, acrossMm: 47 }, 'metric')).toEqual({ alongMm: 0, acrossMm: 43 });
});

it('lays it flush with the ends of the board', () => {
  expect(settled(BOARD, SECOND, { alongMm: 1793, acrossMm: 117 }, 'metric')).toEqual({ alongMm: 1800, acrossMm: 120 });
});

it('lays it on a mark of the rule elsewhere', () => {
  expect(settled(BOARD, SECOND, { alongMm: 1002, acrossMm: 61 }, 'metric')).toEqual({ alongMm: 1000, acrossMm: 60 });
  expect(settled(BOARD, SECOND, { alongMm: 1002, acrossMm: 61 }, 'inch').alongMm / 3.175).toBeCloseTo(316, 9);
});

it('moves a mark past blanks without being caught', () => {
  expect(settled(BOARD, { what: 'marks', index: 0 }, { alongMm: 603, acrossMm: 43 }, 'metric')).toEqual({ alongMm: 605, acrossMm: 45 });
});

it('changes one thing and leaves the rest', () => {
  expect(withChanged(BOARD, SECOND, { alongMm: 5 }).blanks.map(({ alongMm }) => alongMm)).toEqual([0, 5]);
  expect(without(BOARD, { what: 'marks', index: 0 }).marks).toEqual([]);
});

it('marks a board by feet or half metres, not too many', () => {
  expect(ruleMarks(2438.4, 'inch')).toHaveLength(9);
  expect(ruleMarks(2400, 'metric')).toEqual([0, 500, 1000, 1500, 2000]);
  expect(ruleMarks(15_000, 'inch').length).toBeLessThanOrEqual(17);
});
