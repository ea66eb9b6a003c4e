import { expect, it } from 'vitest';
import type { BenchView } from '../api/schema';
import { STEAMED } from '../testing';
import { stateOf } from './state';
import type { WaitingTap } from './taps';

const HEATING: BenchView = {
  id: 7, version: 2, name: 'Rib', recipe: STEAMED, step: 'HEATING',
  next: [{ tap: 'PULLED', to: 'BENDING', then: [{ tap: 'CLAMPED', to: 'ON_FORM' }, { tap: 'BROKE', to: 'FINISHED' }] }],
  said: [{ tap: 'INTO_HEAT', saidAt: '2026-11-20T08:00:00Z' }],
  standing: { countsFrom: '2026-11-20T08:00:00Z', dueIs: 'SOFT', wood: { coreC: 97, moisturePercent: 18, softShare: 1, outerSoftness: 0.9, bearsCarryS: 31.5 } },
  chamber: [], madeWith: [], tooLong: [],
};

const tapped = (tap: WaitingTap['tap'], saidAt: string): WaitingTap => ({ key: tap, piece: 7, tap, saidAt });
const PULLED = tapped('PULLED', '2026-11-20T08:40:00.000Z');

it('is what the server says while nothing waits', () => {
  expect(stateOf(HEATING, [])).toEqual({ step: 'HEATING', next: ['PULLED'], standing: HEATING.standing, said: HEATING.said });
});

it('counts the seconds after a pull nobody heard of by what the server gave for it, and knows what may follow', () => {
  const state = stateOf(HEATING, [PULLED]);
  expect(state.step).toBe('BENDING');
  expect(state.standing).toEqual({ countsFrom: PULLED.saidAt, due: '2026-11-20T08:40:31.500Z', dueIs: 'OUTER_FACE_HARD' });
  expect(state.next).toEqual(['CLAMPED', 'BROKE']);
  expect(state.said.map(({ tap }) => tap)).toEqual(['INTO_HEAT', 'PULLED']);
});

it('promises no seconds to wood that was not soft', () => {
  const hard = { ...HEATING, standing: { ...HEATING.standing, wood: { coreC: 20, moisturePercent: 18, softShare: 0, outerSoftness: 0, bearsCarryS: 0 } } };
  expect(stateOf(hard, [PULLED]).standing.due).toBeUndefined();
});

it('goes on to the form, and asks for nothing it was not told of', () => {
  const state = stateOf(HEATING, [PULLED, tapped('CLAMPED', '2026-11-20T08:40:09.000Z')]);
  expect(state.step).toBe('ON_FORM');
  expect(state.next).toEqual([]);
  expect(state.standing).toEqual({ countsFrom: '2026-11-20T08:40:09.000Z', dueIs: 'NOTHING' });
});

it('counts a touch once that was taken in already', () => {
  const taken: BenchView = { ...HEATING, step: 'BENDING', next: [{ tap: 'CLAMPED', to: 'ON_FORM', then: [] }], said: [...HEATING.said, { tap: 'PULLED', saidAt: PULLED.saidAt }] };
  expect(stateOf(taken, [PULLED]).said).toHaveLength(2);
});
