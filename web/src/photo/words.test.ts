import { expect, test } from 'vitest';
import { lengthInWords, slopeInWords } from './words';

test('a length is told with two standard deviations either way', () => {
  expect(lengthInWords({ mm: 152.4, sdMm: 0.8 }, 'metric')).toBe('152 mm, give or take 1.6 mm');
  expect(lengthInWords({ mm: 152.4, sdMm: 0.79375 }, 'inch')).toBe('6", give or take 1/16"');
});

test('a slope says how steep it is at most', () => {
  expect(slopeInWords({ run: 11.6, steepest: 9.44 })).toBe('1 in 12, hardly steeper than 1 in 9.4');
  expect(slopeInWords({ steepest: 64 })).toBe('as straight as can be seen here: hardly steeper than 1 in 64');
});
