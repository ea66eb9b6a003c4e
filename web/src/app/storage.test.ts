import { beforeEach, expect, it } from 'vitest';
import { inThisShop, SAMPLE, shopOfThisTab } from '../api/shop';
import { forgetStoredOf, readStored, UNITS, writeStored } from './storage';

beforeEach(() => {
  localStorage.clear();
  shopOfThisTab.clear();
});

it('keeps the drafts of two shops apart, but not what a person measures in', () => {
  writeStored('brachion.plan', 'my own');
  writeStored(UNITS, 'metric');
  shopOfThisTab.set(SAMPLE);
  expect(readStored('brachion.plan')).toBeUndefined();
  expect(readStored(UNITS)).toBe('metric');
  writeStored('brachion.plan', 'tried');
  shopOfThisTab.clear();
  expect(readStored('brachion.plan')).toBe('my own');
});

it('leaves nothing of a shop that is left, and all of the own one', () => {
  writeStored('brachion.plan', 'my own');
  shopOfThisTab.set(SAMPLE);
  writeStored('brachion.plan', 'tried');
  writeStored('brachion.log', 'tried too');
  shopOfThisTab.clear();
  forgetStoredOf(SAMPLE);
  expect(Object.keys(localStorage)).toEqual(['brachion.plan']);
  expect(readStored('brachion.plan')).toBe('my own');
});

it('names the shop in the address of a link', () => {
  expect(inThisShop('/api/woods/table')).toBe('/api/woods/table');
  shopOfThisTab.set(SAMPLE);
  expect(inThisShop('/api/woods/table')).toBe('/api/woods/table?shop=sample');
  expect(inThisShop('/api/exchange/trials?units=INCH')).toBe('/api/exchange/trials?units=INCH&shop=sample');
});
