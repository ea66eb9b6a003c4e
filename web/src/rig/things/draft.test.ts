import { expect, it } from 'vitest';
import type { RigItemFields } from '../../api/schema';
import { ASKED, EMPTY_THING, thingForm, thingOf, thingTyped } from './draft';

const CLAMPS: RigItemFields = { kind: 'CLAMPS', name: 'Bar clamps', room: 16, note: '', place: 'Rail', reachMm: 304.8 };
const GLUE: RigItemFields = { kind: 'GLUE', name: 'Tin', room: 1, note: 'fresh', openMinutes: 12, clampedHours: 8, glue: 'PVA', label: { closedMinutes: 20, pressureMpa: 0.7, spreadGramsPerM2: 180, wantsDamp: false, batch: 'B7', openedOn: '2026-10-01' } };
const FORM: RigItemFields = { kind: 'FORM', name: 'Form', room: 1, note: '', radiusMm: 177.8, form: { madeOf: 'plywood', clampPlaces: 9, alsoRack: true } };

it('is the same thing when it is typed as it is shown', () => {
  expect(thingOf(thingForm(CLAMPS, 'inch'), { room: { value: 16 }, reach: { value: 304.8 } })).toEqual(CLAMPS);
  expect(thingOf(thingForm(GLUE, 'inch'), { openMinutes: { value: 12 }, closedMinutes: { value: 20 }, clampedHours: { value: 8 } })).toEqual(GLUE);
  expect(thingOf(thingForm(FORM, 'inch'), { room: { value: 1 }, radius: { value: 177.8 }, clampPlaces: { value: 9 } })).toEqual(FORM);
});

it('asks of each kind what such a thing has, and of a glue no room', () => {
  for (const kind of Object.keys(ASKED) as (keyof typeof ASKED)[]) {
    expect(Object.keys(thingTyped({ ...EMPTY_THING, kind })).sort()).toEqual([...(kind === 'GLUE' ? [] : ['room']), ...ASKED[kind]].sort());
  }
});

it('forgets what belonged to another kind that was chosen before', () => {
  expect(thingOf({ ...thingForm(GLUE, 'inch'), kind: 'FORM' }, { room: { value: 1 } })).toEqual({ kind: 'FORM', name: 'Tin', room: 1, note: 'fresh' });
});

it('says what is missing', () => {
  expect(() => thingOf(EMPTY_THING, {})).toThrow('Give it a name.');
  expect(() => thingOf({ ...EMPTY_THING, name: 'Form' }, {})).toThrow('how many pieces');
  expect(() => thingOf({ ...EMPTY_THING, kind: 'GLUE', name: 'Tin', pressure: 'firm' }, {})).toThrow('“firm” is not a number.');
});
