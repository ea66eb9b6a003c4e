import { expect, it } from 'vitest';
import { EVERYTHING, narrows, questionOf, questionOfView, sameQuestion, withCondition, withQuestion } from './question';

it('stands in the address beside what else does, and not at all where everything is shown', () => {
  const question = { ...EVERYTHING, words: 'split & "torn"', conditions: [{ fact: 'wood', among: ['white-ash', ''] }], rows: 'month' };
  const address = withQuestion(new URLSearchParams('compare=1,2'), question);
  expect(address.get('compare')).toBe('1,2');
  expect(questionOf(new URLSearchParams(address.toString()))).toEqual(question);
  expect(withQuestion(address, EVERYTHING).toString()).toBe('compare=1%2C2');
  expect(questionOf(new URLSearchParams('find={broken'))).toEqual(EVERYTHING);
});

it('says one fact otherwise and leaves the others in their places', () => {
  const both = withCondition(withCondition(EVERYTHING, 'wood', { fact: 'wood', among: ['beech'] }), 'plies', { fact: 'plies', from: 4 });
  expect(withCondition(both, 'wood', { fact: 'wood', among: ['oak'] }).conditions).toEqual([{ fact: 'wood', among: ['oak'] }, { fact: 'plies', from: 4 }]);
  expect(withCondition(both, 'wood', undefined).conditions).toEqual([{ fact: 'plies', from: 4 }]);
  expect(narrows(both)).toBe(true);
  expect(narrows({ ...EVERYTHING, words: '  ' })).toBe(false);
});

it('is the same question however it is written', () => {
  const asked = { ...EVERYTHING, conditions: [{ fact: 'widthMm', from: 12.7 }], rows: 'wood' };
  expect(sameQuestion({ rows: 'wood', falling: true, conditions: [{ from: 12.7, among: [], fact: 'widthMm' }], words: ' ', sortBy: undefined }, asked)).toBe(true);
  expect(sameQuestion({ ...asked, falling: false }, asked)).toBe(true);
  expect(sameQuestion({ ...asked, sortBy: 'wood', falling: false }, { ...asked, sortBy: 'wood' })).toBe(false);
  expect(sameQuestion({ ...asked, rows: undefined }, asked)).toBe(false);
});

it('asks what a kept view asks', () => {
  expect(questionOfView({ id: 1, name: 'x', view: { name: 'x', find: { words: 'a', conditions: [], falling: false, sortBy: 'widthMm' }, rows: 'wood' } }))
    .toEqual({ words: 'a', conditions: [], falling: false, sortBy: 'widthMm', rows: 'wood' });
});
