import { expect, it } from 'vitest';
import { printClock, printMoment, saidInWords, tooLongInWords } from './words';

it('counts in the unit that matters', () => {
  expect(printClock(7.34, true)).toBe('7.3');
  expect(printClock(59.9)).toBe('0:59');
  expect(printClock(425)).toBe('7:05');
  expect(printClock(7500)).toBe('2 h 05 min');
  expect(printClock(3 * 86_400 + 4 * 3600 + 59)).toBe('3 d 4 h');
});

it('says the day of a moment that is not today', () => {
  const now = new Date(2026, 10, 20, 9, 0).getTime();
  expect(printMoment(new Date(2026, 10, 20, 17, 5).getTime(), now)).toBe('17:05');
  expect(printMoment(new Date(2026, 10, 21, 7, 5).getTime(), now)).toBe('Sat 07:05');
  expect(printMoment(new Date(2026, 11, 3, 7, 5).getTime(), now)).toBe('3 Dec');
});

it('tells readings that follow each other as one', () => {
  const at = (minute: number) => new Date(2026, 10, 20, 8, minute).toISOString();
  const said = [{ tap: 'INTO_HEAT' as const, saidAt: at(0) }, { tap: 'READING' as const, saidAt: at(5), celsius: 40 },
    { tap: 'READING' as const, saidAt: at(9), celsius: 97 }, { tap: 'PULLED' as const, saidAt: at(40) }];
  const now = new Date(2026, 10, 20, 9, 0).getTime();
  expect(saidInWords(said, now, 'metric')).toBe('Into the heat 08:00, Thermometer 40 °C to 97 °C 08:09, Pulled 08:40');
  expect(saidInWords(said.slice(0, 2), now, 'inch')).toBe('Into the heat 08:00, Thermometer 104 °F 08:05');
});

it('names the hands where they are others than before', () => {
  const said = ([['INTO_HEAT', 'Odo'], ['AT_HEAT', undefined], ['PULLED', 'Odo'], ['CLAMPED', 'Tamsin']] as const).map(([tap, person], minute) =>
    ({ tap, saidAt: new Date(2026, 10, 20, 8, minute).toISOString(), ...(person ? { person } : {}) }));
  expect(saidInWords(said, new Date(2026, 10, 20, 9, 0).getTime(), 'metric')).toBe('Into the heat 08:00 (Odo), At heat 08:01, Pulled 08:02, Clamped 08:03 (Tamsin)');
});

it('says which stage nobody touched the screen at the end of', () => {
  expect(tooLongInWords(['CARRY'])).toBe('The carry took longer than any does, so nobody touched the screen at its end.');
});
