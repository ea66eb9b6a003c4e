import { expect, it } from 'vitest';
import { chainOf, draftOf, draftStretch, fieldOf, typedOf, withValue } from './draft';

const CHAIN = { stretches: [{ kind: 'STRAIGHT', lengthMm: 76.2 }, { kind: 'ARC', innerRadiusMm: 152.4, angleDegrees: 90, turn: 'RIGHT' }] as const };
const DRAFT = draftOf({ stretches: [...CHAIN.stretches] }, 'Rail', true);

it('is the same curve again as long as nothing is typed', () => {
  expect(chainOf(DRAFT, {})).toEqual(CHAIN);
  expect(typedOf(DRAFT)).toEqual({});
  expect(DRAFT).toMatchObject({ name: 'Rail', strapTurned: true });
});

it('takes what was typed once it is read, and is no curve until then', () => {
  const [straight, arc] = DRAFT.stretches;
  if (!straight || !arc) throw new Error('two parts');
  const typed = { ...DRAFT, stretches: [straight, { ...arc, typed: { innerRadiusMm: '7 1/2' } }] };
  expect(typedOf(typed)).toEqual({ [fieldOf(1, 'innerRadiusMm')]: { measurement: 'LENGTH', text: '7 1/2' } });
  expect(chainOf(typed, { [fieldOf(1, 'innerRadiusMm')]: {} })).toBeUndefined();
  expect(chainOf(typed, { [fieldOf(1, 'innerRadiusMm')]: { error: 'no length' } })).toBeUndefined();
  expect(chainOf(typed, { [fieldOf(1, 'innerRadiusMm')]: { value: 190.5 } })?.stretches[1]?.innerRadiusMm).toBe(190.5);
});

it('reads nothing of a part that its kind does not have', () => {
  const part = { ...draftStretch({ kind: 'STRAIGHT', lengthMm: 10 }), typed: { angleDegrees: 'nonsense' } };
  expect(typedOf({ ...DRAFT, stretches: [part] })).toEqual({});
  expect(chainOf({ ...DRAFT, stretches: [part] }, {})).toEqual({ stretches: [{ kind: 'STRAIGHT', lengthMm: 10 }] });
});

it('forgets what was typed where a hand has pulled', () => {
  const part = { ...draftStretch({ kind: 'ARC', innerRadiusMm: 100, angleDegrees: 45, turn: 'LEFT' }), typed: { innerRadiusMm: '5"', angleDegrees: '50' } };
  expect(withValue(part, 'innerRadiusMm', 130)).toMatchObject({ innerRadiusMm: 130, typed: { angleDegrees: '50' } });
});
