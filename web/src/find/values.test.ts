import { expect, it } from 'vitest';
import type { FactView } from '../api/schema';
import { conditionInWords, numberOf, valueInWords, wordOf } from './values';

const THICKNESS: FactView = { key: 'thicknessMm', title: 'Thickness', kind: 'NUMBER', measurement: 'LENGTH' };
const STEAM: FactView = { key: 'steamMinutes', title: 'Steam', kind: 'NUMBER', measurement: 'MINUTES' };
const WOOD: FactView = { key: 'wood', title: 'Wood', kind: 'NAMED' };
const DAY: FactView = { key: 'day', title: 'Day', kind: 'DAY' };
const nobody = () => undefined;

it('reads words and numbers as a person writes them', () => {
  expect(wordOf('severity', 'FLAW')).toBe('flaw, can be mended');
  expect(wordOf('month', '2026-03')).toBe('Mar 2026');
  expect(wordOf('strap.material', 'STEEL')).toBe('steel');
  expect(wordOf('wood', '')).toBe('not said');
  expect(numberOf(STEAM, 45, 'inch')).toBe('45 min');
  expect(numberOf({ measurement: 'TEMPERATURE' }, 98, 'inch')).toBe('208 °F');
  expect(numberOf({}, 12.3456, 'inch')).toBe('12.35');
  expect(valueInWords(THICKNESS, { key: '3', from: 9.525, below: 12.7 }, 'inch')).toBe('3/8" to 1/2"');
});

it('says what a fact must be', () => {
  expect(conditionInWords(THICKNESS, { from: 12.7 }, 'inch', nobody)).toBe('Thickness: from 1/2"');
  expect(conditionInWords(THICKNESS, { below: 12.7 }, 'metric', nobody)).toBe('Thickness: below 12.7 mm');
  expect(conditionInWords(STEAM, { from: 45, below: 45 }, 'metric', nobody)).toBe('Steam: 45 min');
  expect(conditionInWords(WOOD, { among: ['a', ''] }, 'metric', () => 'White ash')).toBe('Wood: White ash or not said');
  expect(conditionInWords(DAY, { since: '2026-03-01', until: '2026-03-31' }, 'metric', nobody)).toBe('Day: 1 Mar 2026 to 31 Mar 2026');
  expect(conditionInWords(DAY, { until: '2026-03-31' }, 'metric', nobody)).toBe('Day: until 31 Mar 2026');
});
