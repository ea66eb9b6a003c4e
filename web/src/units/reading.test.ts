import { expect, it } from 'vitest';
import { number } from './number';
import { readingsOf, readNow, withUnit } from './reading';

const thickness = (text: string) => ({ field: 'thickness', measurement: 'LENGTH' as const, text });
const steam = { field: 'steam', measurement: 'MINUTES' as const, text: '30' };

it('keeps a reading as long as its entry says what it said', () => {
  const asked = [thickness('1/2"'), steam];
  const read = [{ field: 'thickness', value: 12.7 }, { field: 'steam', value: 30 }];
  expect(readingsOf(asked, asked, read)).toEqual({ thickness: { value: 12.7, error: undefined }, steam: { value: 30, error: undefined } });
  expect(readingsOf([thickness('1/'), steam], asked, read)).toEqual({ thickness: {}, steam: { value: 30, error: undefined } });
});

it('reads nothing of a field that is left empty, and asks nobody', async () => {
  expect(await readNow({ mass: { measurement: 'MASS', text: ' ' } }, 'metric')).toEqual({ mass: {} });
});

it('passes on why an entry cannot be read', () => {
  expect(readingsOf([steam], [steam], [{ field: 'steam', unreadable: 'no time' }]).steam?.error).toBe('no time');
});

it('writes the unit only behind what switching units would change', () => {
  expect(withUnit('LENGTH', '6', 'inch')).toBe('6"');
  expect(withUnit('TEMPERATURE', '98', 'metric')).toBe('98 °C');
  expect(withUnit('MINUTES', '30', 'inch')).toBe('30');
  expect(withUnit('LENGTH', '1/2', 'metric')).toBe('1/2');
});

it('reads plain numbers and drops no unit', () => {
  expect(['12,5', '12.5', '30 min', '90 %', '1,440', '-3', 'x', ''].map(number)).toEqual([12.5, 12.5, undefined, undefined, undefined, undefined, undefined, undefined]);
});
