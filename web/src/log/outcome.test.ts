import { expect, it } from 'vitest';
import type { TrialView } from '../api/schema';
import { STEAMED } from '../testing';
import { completedOutcome, missingFromOutcome, outcomeForm, outcomeOf, outcomeTyped } from './outcome';

const CREASED: TrialView = {
  id: 1, version: 0, bentOn: '2026-03-01', recipe: STEAMED, done: { stages: [], chamber: [] }, note: 'second go',
  outcome: { severity: 'FLAW', flaw: 'INNER_CREASE', flawAt: 'END', releasedRadiusMm: 223.2, releasedChordMm: 254, releasedGapMm: 6.35, twistDegrees: 2, cupMm: 1.5875, mended: 'scraped' },
};

it('is the same ending when it is typed as it is shown', () => {
  const form = outcomeForm(CREASED, 'inch');
  expect(form).toMatchObject({ curveBy: 'GAP', chord: '10"', gap: '1/4"', rise: '', releasedRadius: '', twist: '2', cup: '1/16"', nextTime: '' });
  const read = { chord: { value: 254 }, gap: { value: 6.35 }, twist: { value: 2 }, cup: { value: 1.5875 } };
  // the radius follows from the chord and is not said beside it
  expect(outcomeOf(form, read)).toEqual({ ...CREASED.outcome, releasedRadiusMm: undefined, releasedRiseMm: undefined, nextTime: '' });
});

it('measures what the chosen way needs, and nothing on a broken piece', () => {
  const form = completedOutcome({ severity: 'CLEAN', releasedRadius: '6"' });
  expect(Object.keys(outcomeTyped(form))).toEqual(['released', 'twist', 'cup']);
  expect(Object.keys(outcomeTyped({ ...form, curveBy: 'RISE' }))).toEqual(['chord', 'rise', 'twist', 'cup']);
  expect(Object.keys(outcomeTyped({ ...form, curveBy: 'GAP' }))).toEqual(['chord', 'gap', 'twist', 'cup']);
  expect(outcomeTyped({ ...form, severity: 'BROKEN' })).toEqual({});
});

it('says nothing of where a clean piece gave way', () => {
  const form = completedOutcome({ severity: 'CLEAN', flaw: 'SNAP', flawAt: 'MIDDLE' });
  expect(outcomeOf(form, {})).toMatchObject({ flaw: undefined, flawAt: undefined });
});

it('says what is missing first', () => {
  expect(missingFromOutcome(completedOutcome({}), {})).toMatch(/Say how it came out/);
  expect(missingFromOutcome(completedOutcome({ severity: 'FLAW' }), {})).toMatch(/what was seen/);
  expect(missingFromOutcome(completedOutcome({ severity: 'CLEAN' }), { rise: { error: 'no length' } })).toBe('no length');
  expect(missingFromOutcome(completedOutcome({ severity: 'CLEAN' }), { rise: { value: 3 } })).toBeUndefined();
});

it('keeps what else was seen, and wants each line whole', () => {
  const also = [{ flaw: 'OUTER_SPLINTER' as const, severity: 'FLAW' as const }];
  const form = completedOutcome({ severity: 'FLAW', flaw: 'INNER_CREASE', also });
  expect(outcomeOf(form, {})).toMatchObject({ also });
  expect(outcomeForm({ ...CREASED, outcome: { ...CREASED.outcome, also } }, 'inch').also).toEqual(also);
  expect(outcomeOf({ ...form, severity: 'CLEAN' }, {}).also).toBeUndefined();
  expect(missingFromOutcome({ ...form, also: [{ severity: 'FLAW' }] }, {})).toMatch(/what else was seen/);
});
