import { expect, it } from 'vitest';
import type { BoardFields } from '../api/schema';
import { boardOf, formOf } from './draft';

const BOARD: BoardFields = {
  name: 'ash', speciesId: 'white-ash', seasoning: 'AIR_DRIED', growthRings: 'FLAT', grainRun: 20, lengthMm: 2438.4, widthMm: 152.4, thicknessMm: 26.9875, kerfMm: 3.175,
  note: 'one end checked', place: 'loft', source: '', price: '', marks: [{ kind: 'KNOT', alongMm: 1, acrossMm: 1, lengthMm: 20, widthMm: 20 }], readings: [], blanks: [],
};
const READ = { length: { value: 2438.4 }, width: { value: 152.4 }, thickness: { value: 26.9875 }, grainRun: { value: 20 }, kerf: { value: 3.175 } };

it('is the same board when it is typed as it is shown', () => {
  const form = formOf(BOARD, 'inch');
  expect(form.thickness).toBe('1 1/16"');
  expect(boardOf(form, READ, BOARD)).toEqual(BOARD);
});

it('takes what was typed and keeps what lies on it', () => {
  const form = { ...formOf(BOARD, 'inch'), name: 'renamed', grainRun: '' };
  const { grainRun, ...rest } = BOARD;
  expect(grainRun).toBe(20);
  expect(boardOf(form, { ...READ, grainRun: {} }, BOARD)).toEqual({ ...rest, name: 'renamed' });
});
