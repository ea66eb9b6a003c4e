import { describe, expect, it } from 'vitest';
import { printDay, printMonth } from './days';

describe('days in words', () => {
  it('are those of British English, as the browser knows it', () => {
    const day = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric', timeZone: 'UTC' });
    const month = new Intl.DateTimeFormat('en-GB', { month: 'short', year: 'numeric', timeZone: 'UTC' });
    for (let at = Date.UTC(2023, 0, 1); at < Date.UTC(2025, 0, 1); at += 86_400_000) {
      const said = new Date(at).toISOString().slice(0, 10);
      expect(printDay(said)).toBe(day.format(at));
      expect(printMonth(said.slice(0, 7))).toBe(month.format(at));
    }
  });
});
