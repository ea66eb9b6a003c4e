import { expect, test } from 'vitest';
import type { JobFields, Progress } from '../api/schema';
import { STEAMED } from '../testing';
import { marks, outstandingInWords, progressInWords, wantedLine } from './words';

const JOB: JobFields = { name: 'Ribs', wanted: 5, certainty: 0.9, flawsPass: true, note: '', recipe: STEAMED };
const PROGRESS: Progress = { wanted: 5, good: 1, spoilt: 2, bent: 1, underWay: 2 };
const PER_PIECE = { probability: 0.8, low: 0.7, high: 0.9 };

test('what is wanted says by when, and how far that is off', () => {
  expect(wantedLine({ ...JOB, wanted: 1 }, '2026-11-20')).toBe('1 good piece');
  expect(wantedLine({ ...JOB, dueOn: '2026-12-01' }, '2026-11-20')).toBe('5 good pieces by 1 Dec 2026, in 11 days');
  expect(wantedLine({ ...JOB, dueOn: '2026-11-21' }, '2026-11-20')).toMatch(/tomorrow$/);
  expect(wantedLine({ ...JOB, dueOn: '2026-11-19' }, '2026-11-20')).toMatch(/1 day ago$/);
});

test('progress names only what there is', () => {
  expect(progressInWords(PROGRESS)).toBe('1 of 5 good, 1 bent and holding, 2 under way, 2 spoilt');
  expect(progressInWords({ wanted: 2, good: 2, spoilt: 0, bent: 0, underWay: 0 })).toBe('2 of 2 good');
});

test('what is still to be started stands first', () => {
  expect(outstandingInWords({ missing: 3, toStart: 2, suffices: 0, perPiece: PER_PIECE }, PROGRESS)).toBe('Start 2 more beside the 2 under way. One piece comes good 8 in 10 times.');
  expect(outstandingInWords({ missing: 2, toStart: 0, suffices: 0.95, perPiece: PER_PIECE }, PROGRESS)).toMatch(/^The 2 under way are enough 19 in 20 times\./);
  expect(outstandingInWords({ missing: 0, toStart: 0, suffices: 1, perPiece: PER_PIECE }, PROGRESS)).toBe('Nothing more need be started.');
  expect(outstandingInWords({ missing: 3, suffices: 0, perPiece: PER_PIECE }, PROGRESS)).toMatch(/^Even 400 pieces would be too few for the 3 missing\./);
});

test('there is a mark for each piece, and for each that is still open', () => {
  expect(marks(PROGRESS)).toEqual(['good', 'bent', 'underWay', 'underWay', 'open', 'spoilt', 'spoilt']);
  expect(marks({ wanted: 1, good: 2, spoilt: 0, bent: 0, underWay: 0 })).toEqual(['good', 'good']);
});
