import { expect, it } from 'vitest';
import { exactLength, exactTemperature } from './exact';

it.each([
  [19.05, '3/4"'],
  [25.4 / 64, '1/64"'],
  [155.123, '155.123 mm'],
  [146.05, '5 3/4"'],
])('%s mm is typed so that it reads back as the same length: %s', (mm, typed) => {
  expect(exactLength(mm, 'inch')).toBe(typed);
});

it('types millimetres as they are, without the noise of floating point', () => {
  expect(exactLength(0.1 + 0.2, 'metric')).toBe('0.3 mm');
  expect(exactLength(19.05, 'metric')).toBe('19.05 mm');
});

it('types temperatures in the scale of the person, to a hundredth of a degree', () => {
  expect(exactTemperature(98, 'inch')).toBe('208.4 °F');
  expect(exactTemperature((208 - 32) / 1.8, 'inch')).toBe('208 °F');
  expect(exactTemperature((208 - 32) / 1.8, 'metric')).toBe('97.78 °C');
});
