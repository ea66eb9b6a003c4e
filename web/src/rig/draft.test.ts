import { describe, expect, it } from 'vitest';
import { loadOf, MEASURED, rigForm, rigOf, USUAL_LOAD, type RigForm, type RigReadings } from './draft';

const KEPT = {
  lengthMm: 1219.2, widthMm: 127, heightMm: 127, wall: 'PLYWOOD', wallThicknessMm: 12.7, insulationThicknessMm: 0, ventAreaMm2: 230,
  generatorWatts: 1500, generators: 1, tankLitres: 4, shopC: 18, altitudeM: -3, shopHumidityPercent: 45,
} as const;

const form: RigForm = { ...rigForm(KEPT, 'inch'), ...USUAL_LOAD };
const readings = Object.fromEntries(Object.keys(MEASURED).map((name, i) => [name, { value: i + 1 }])) as RigReadings;

describe('the rig as typed', () => {
  it('shows the kept rig in inches', () => {
    expect(form.length).toBe('48"');
    expect(form.wallThickness).toBe('1/2"');
    expect(form.shop).toBe('64.4 °F');
  });

  it('leaves the load typed and the rig behind once it is kept', () => {
    expect(loadOf({ from: 3, length: '4 ft', layers: '3' })).toEqual({ layers: '3' });
  });

  it('brings the air and the height of the shop', () => {
    expect([form.humidity, form.altitude]).toEqual(['45 %', '-3 m']);
    expect(rigOf(form, readings)?.rig.altitudeM).toBe(readings.altitude.value);
  });

  it('is not asked about until everything can be read', () => {
    expect(rigOf({ ...form, watts: 'many' }, readings)).toBeUndefined();
    expect(rigOf(form, { ...readings, length: { error: 'no length' } })).toBeUndefined();
    expect(rigOf(form, readings)?.load.across).toBe(readings.across.value);
  });
});
