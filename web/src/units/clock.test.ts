import { expect, it } from 'vitest';
import { dayOf, printTimeOfDay, printWeekday, printWhen } from './clock';

const MOMENT = new Date(2026, 11, 3, 14, 5).toISOString();
const NOW = new Date(2026, 11, 1).getTime();

it('says a moment as people say it, with its year where it is far off', () => {
  expect(dayOf(MOMENT)).toBe('2026-12-03');
  expect(printTimeOfDay(MOMENT)).toBe('14:05');
  expect(printWeekday(MOMENT, NOW)).toBe('Thu 3 Dec');
  expect(printWeekday(MOMENT, new Date(2025, 1, 1).getTime())).toBe('Thu 3 Dec 2026');
  expect(printWhen(MOMENT)).toContain(', 14:05');
});
