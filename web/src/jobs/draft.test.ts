import { expect, test } from 'vitest';
import { STEAMED } from '../testing';
import { EMPTY_JOB, jobForm, jobOf, sameRecipe } from './draft';

test('a job that is kept is typed as it was', () => {
  const job = jobOf({ ...EMPTY_JOB, name: 'Ribs', wanted: '12', certainty: '0.95', good: 'clean', dueOn: '2026-12-01' }, { recipe: STEAMED });
  expect(job).toEqual({ name: 'Ribs', wanted: 12, certainty: 0.95, flawsPass: false, dueOn: '2026-12-01', note: '', recipe: STEAMED });
  expect(jobForm(job)).toEqual({ name: 'Ribs', wanted: '12', certainty: '0.95', good: 'clean', dueOn: '2026-12-01', note: '' });
});

test('what is no job says why', () => {
  expect(() => jobOf({ ...EMPTY_JOB, name: ' ' }, { recipe: STEAMED })).toThrow('Give the job a name.');
  expect(() => jobOf({ ...EMPTY_JOB, name: 'Ribs', wanted: 'some' }, { recipe: STEAMED })).toThrow('“some” is not a number of pieces.');
  expect(jobOf({ ...EMPTY_JOB, name: 'Ribs' }, { recipe: STEAMED })).not.toHaveProperty('dueOn');
});

test('a plan is the same in whatever order it is written', () => {
  const { innerRadiusMm, ...rest } = STEAMED;
  expect(sameRecipe({ ...rest, innerRadiusMm }, STEAMED)).toBe(true);
  expect(sameRecipe({ ...STEAMED, innerRadiusMm: 150 }, STEAMED)).toBe(false);
});
