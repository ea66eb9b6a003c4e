import { describe, expect, it } from 'vitest';
import type { MethodFields } from '../api/schema';
import { FIRST_RECIPE, formOf, typedRecipe } from '../recipe/form';
import { GLUED, STEAMED } from '../testing';
import { factsOf, KINDS, lineOf, METHOD, methodOf, METHODS } from './forms';
import { STEPS_OF } from './steps';

describe.each(KINDS)('%s', (method) => {
  const form = { ...FIRST_RECIPE, method };

  it('says where everything it measures stands, once', () => {
    const places = Object.values(methodOf(form).places(form)).map(({ at }) => at);
    expect(new Set(places).size).toBe(places.length);
    expect(places.length).toBeGreaterThan(1);
  });

  it('sends its own settings', () => {
    const { choices } = typedRecipe(form, 'inch');
    expect(choices.method).toMatchObject({ kind: method });
    expect(Object.keys(choices.blank as object)).toContain('speciesId');
  });

  it('is called something', () => {
    expect(METHOD[method]).toMatch(/^[A-Z]/);
  });

  it('types the length of each stage of its process in a field it measures', () => {
    const places = methodOf(form).places(form);
    const stages = methodOf(form).stages(form);
    expect(stages.every(({ field }) => places[field] !== undefined)).toBe(true);
    expect(stages.length > 0).toBe(methodOf(form).followed);
  });
});

const STRAP = { material: 'ALUMINIUM' as const, thicknessMm: 1.5, endGapMm: 0 };
const HANDLED = { soakHours: 12, soakAdditive: 'SOFTENER' as const, holdHours: 36, strap: STRAP };

/** Each way with everything set, what is sent of it that is chosen, and how it is said. */
const SET: [MethodFields, object, string][] = [
  [{ kind: 'STEAM_BOX', ...HANDLED, steamMinutes: 60, chamberC: 98, carrySeconds: 15 }, {}, '12 h soak with softener, 60 min steam at 208 °F, aluminium strap'],
  [{ kind: 'STEAM_BAG', ...HANDLED, steamMinutes: 45, bagC: 98, bent: 'IN_THE_BAG' }, { bent: 'IN_THE_BAG' },
    '12 h soak with softener, 45 min in a bag at 208 °F, bent with the bag on, aluminium strap'],
  [{ kind: 'STEAM_IN_PLACE', ...HANDLED, steamMinutes: 45, bagC: 98, steamOnMinutes: 20 }, {},
    '12 h soak with softener, 45 min steam in place at 208 °F, steam left on 20 min, aluminium strap'],
  [{ kind: 'HOT_BATH', ...HANDLED, bathMinutes: 25, bathC: 98, carrySeconds: 15 }, {}, '12 h soak with softener, 25 min in water at 208 °F, aluminium strap'],
  [{ kind: 'HOT_PIPE', ...HANDLED, pipeMinutes: 3, pipeC: 130, contactPercent: 15, face: 'DRY', by: 'LEVER_BOARD' }, { face: 'DRY', by: 'LEVER_BOARD' },
    '12 h soak with softener, 3 min on a pipe at 266 °F, dry, aluminium strap'],
  [{ kind: 'STEAMED_PLIES', ...HANDLED, steamMinutes: 30, chamberC: 98, carrySeconds: 15, glue: 'EPOXY', plies: 4 }, { glue: 'EPOXY' },
    '12 h soak with softener, 30 min steam at 208 °F, then laminated with epoxy, aluminium strap'],
];

it.each(SET)('types stored settings so that they are sent as they were: %j', (method, chosen, said) => {
  const form = formOf({ ...STEAMED, method }, 'metric');
  const { choices, typed } = typedRecipe(form, 'metric');
  expect(choices.method).toEqual({ kind: method.kind, soakAdditive: 'SOFTENER', strap: { material: 'ALUMINIUM' }, ...chosen });
  const measured = typed.filter(({ field }) => field.startsWith('method.')).map(({ field, text }) => [field.slice(7), parseFloat(text)]);
  const stored = Object.entries({ ...method, ...Object.fromEntries(Object.entries(STRAP).map(([key, value]) => [`strap.${key}`, value])) })
    .filter(([, value]) => typeof value === 'number');
  expect(Object.fromEntries(measured)).toEqual(Object.fromEntries(stored));
  expect(lineOf(method, 'inch')).toBe(said);
});

it('types saw cuts and free bends as they were, without what belongs to other ways', () => {
  const sawn = { kind: 'KERF_BENDING' as const, kerfMm: 3.2, webMm: 1.6, pitchMm: 6.35, board: 'PLYWOOD' as const };
  const { choices, typed } = typedRecipe(formOf({ ...STEAMED, method: sawn }, 'metric'), 'metric');
  expect(choices.method).toEqual({ kind: 'KERF_BENDING', board: 'PLYWOOD' });
  expect(typed.map(({ field }) => field)).toEqual(expect.arrayContaining(['method.kerfMm', 'method.webMm', 'method.pitchMm']));
  expect(typed.map(({ field }) => field)).not.toContain('method.backerMm');
  expect(lineOf(sawn, 'metric')).toBe('3.2 mm cuts every 6.4 mm to a 1.6 mm web in plywood, no backer');
  const free = { kind: 'FREE_BENDING' as const, soakHours: 0, steamMinutes: 40, bagC: 98 };
  const strapped = { ...formOf({ ...STEAMED, method: free }, 'metric'), support: 'STEEL' as const };
  expect(JSON.stringify(typedRecipe(strapped, 'metric'))).not.toContain('strap');
  expect(lineOf(free, 'inch')).toBe('40 min in a bag at 208 °F, bent freely');
});

it('types kerfed plies by their finished section, their clean ply and the saw', () => {
  const plies = { kind: 'KERFED_PLIES' as const, glue: 'EPOXY' as const, plies: 3, cleanMm: 1.5875, kerfMm: 3.175, webMm: 2.38125, pitchMm: 7.9375, clampOrder: 'FROM_THE_TIGHT_END' as const };
  const form = formOf({ ...STEAMED, blank: { ...STEAMED.blank, thicknessMm: 6.35 }, method: plies }, 'inch');
  expect(form).toMatchObject({ thickness: '9/16"', plies: '3', cleanPly: '1/16"', web: '3/32"' });
  const { choices, typed } = typedRecipe(form, 'inch');
  expect(choices.method).toEqual({ kind: 'KERFED_PLIES', glue: 'EPOXY', clampOrder: 'FROM_THE_TIGHT_END' });
  expect(typed.map(({ field }) => field)).toEqual(expect.arrayContaining(['finishedThicknessMm', 'method.cleanMm', 'method.kerfMm', 'method.webMm', 'method.pitchMm']));
  expect(typed.map(({ field }) => field)).not.toContain('method.backerMm');
  expect(lineOf(plies, 'inch')).toBe('1/8" cuts every 5/16" to a 3/32" web in 2 of 3 plies, over a clean one of 1/16", with epoxy, clamped from the tight end');
});

it('types a plate with both its curves and without a strap or a carry', () => {
  const plate = { kind: 'PRESSED_PLATE' as const, soakHours: 0.25, bathMinutes: 30, bathC: 96, acrossRiseMm: 12.7, rounds: 1, between: 'NOTHING' as const, bag: 'OPEN' as const, holdHours: 200 };
  const { choices, typed } = typedRecipe({ ...formOf({ ...STEAMED, method: plate }, 'metric'), support: 'STEEL' as const }, 'metric');
  expect(choices.method).toEqual({ kind: 'PRESSED_PLATE', between: 'NOTHING', bag: 'OPEN' });
  expect(typed.map(({ field }) => field)).toEqual(expect.arrayContaining(['method.acrossRiseMm', 'method.rounds', 'method.bathMinutes']));
  expect(typed.map(({ field }) => field)).toContain('method.holdHours');
  expect(JSON.stringify(typed)).not.toMatch(/strap|carry/);
  expect(lineOf(plate, 'inch')).toBe('15 min soak, 30 min at 205 °F in 1 round, rising 1/2" across, the frame alone, no bag');
});

it('types what is thinned at the bend with any way that leaves the choice, and shows it', () => {
  const steamed = { ...STEAMED.method, thinnedMm: 9.525, thinnedOverMm: 304.8 };
  const form = formOf({ ...STEAMED, method: steamed }, 'inch');
  expect(form).toMatchObject({ atBend: 'THINNED', thinned: '3/8"', thinnedOver: '12"' });
  const fields = ({ typed }: ReturnType<typeof typedRecipe>) => typed.map(({ field }) => field);
  expect(fields(typedRecipe(form, 'inch'))).toEqual(expect.arrayContaining(['method.thinnedMm', 'method.thinnedOverMm']));
  expect(fields(typedRecipe({ ...form, atBend: 'AS_THICK' }, 'inch')).join()).not.toContain('thinned');
  expect(fields(typedRecipe({ ...form, method: 'HOT_PIPE' }, 'inch')).join(), 'a strip on a pipe is thin throughout').not.toContain('thinned');
  expect(factsOf(steamed)).toMatchObject({ thinnedMm: 9.525, thinnedOverMm: 304.8 });
  expect(lineOf(steamed, 'inch')).toBe('60 min steam at 208 °F, no strap, thinned to 3/8" over 12"');
});

it.each(KINDS)('says what can hurt about %s', (kind) => {
  expect(METHODS[kind].caution).toMatch(/^[A-Z].{30,}\.$/);
});

it.each(KINDS)('has its steps in the order of work: %s', (kind) => {
  const steps = STEPS_OF[kind];
  expect(steps.length).toBeGreaterThanOrEqual(5);
  expect(new Set(steps).size).toBe(steps.length);
  for (const step of steps) expect(step).toMatch(/^[A-Z].{20,220}\.$/);
});

it('says what was done in a line', () => {
  expect(lineOf(STEAMED.method, 'inch')).toBe('60 min steam at 208 °F, no strap');
  expect(lineOf(GLUED.method, 'inch')).toBe('laminated cold with PVA');
  expect(lineOf({ kind: 'COLD_LAMINATION', glue: 'EPOXY', plies: 4 }, 'inch')).toBe('laminated cold with epoxy');
  expect(lineOf({ kind: 'COLD_LAMINATION', glue: 'PVA', plies: 4, clampForce: 'TIGHT', clampOrder: 'FROM_THE_MIDDLE' }, 'inch'))
    .toBe('laminated cold with PVA, clamped tight from the middle');
  const backed = { kind: 'COLD_LAMINATION' as const, glue: 'PVA' as const, plies: 4, backing: 'PLASTIC_SHEET' as const };
  expect(lineOf(backed, 'inch')).toBe('laminated cold with PVA, plastic sheet behind');
  expect([factsOf(backed).backed, factsOf({ ...backed, backing: 'NOTHING' }).backed]).toEqual([true, false]);
});
