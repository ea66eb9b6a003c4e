import { describe, expect, it } from 'vitest';
import type { UnitSystem } from '../app/units';
import type { Reading } from '../units/reading';
import { FIRST_RECIPE } from '../recipe/form';
import { doneForm, doneOf, doneTyped, processOf } from './done';
import { AS_PLANNED, type DoneForm } from './draft';

const PROCESS = processOf(FIRST_RECIPE);

/** Reads numbers in the unit they are kept in, and Fahrenheit where it is written or meant. */
function readAll(form: DoneForm, system: UnitSystem = 'metric'): Record<string, Reading> {
  return Object.fromEntries(Object.entries(doneTyped(form, PROCESS)).flatMap(([field, { measurement, text }]): [string, Reading][] => {
    if (text === '') return [];
    const value = parseFloat(text.replace(',', '.'));
    if (Number.isNaN(value)) return [[field, { error: `“${text}” cannot be read.` }]];
    const fahrenheit = measurement === 'TEMPERATURE' && (/f$/i.test(text) || (system === 'inch' && !/c$/i.test(text)));
    return [[field, { value: fahrenheit ? (value - 32) / 1.8 : value }]];
  }));
}

function read(change: Partial<DoneForm>, system?: UnitSystem) {
  const form = { ...AS_PLANNED, ...change };
  return doneOf(form, readAll(form, system), PROCESS);
}

describe('the process as it was done', () => {
  it('is empty when everything went as planned', () => {
    expect(read({})).toEqual({ done: { stages: [], chamber: [] }, problems: {} });
  });

  it('keeps each stage in minutes, whatever it is typed in', () => {
    expect(read({ soakHours: '12', carrySeconds: '30', rackDays: '14' }).done.stages).toEqual([
      { kind: 'SOAK', actualMinutes: 720 },
      { kind: 'CARRY', actualMinutes: 0.5 },
      { kind: 'RACK', actualMinutes: 20_160 },
    ]);
    expect(doneTyped({ ...AS_PLANNED, carrySeconds: '1 min' }, PROCESS).carrySeconds).toEqual({ measurement: 'SECONDS', text: '1 min' });
  });

  it.each([
    ['15 96', '15', '96'],
    ['15 min 205 °F', '15 min', '205 °F'],
    ['7,5; 208', '7,5', '208'],
    ['0, -4 c', '0', '-4 c'],
    ['2 h: 98', '2 h', '98'],
  ] as const)('takes “%s” apart into a time and a temperature', (line, time, temperature) => {
    const typed = doneTyped({ ...AS_PLANNED, chamber: line }, PROCESS);
    expect(typed.minutes0).toEqual({ measurement: 'MINUTES', text: time });
    expect(typed.celsius0).toEqual({ measurement: 'TEMPERATURE', text: temperature });
  });

  it('names what it cannot read and keeps the rest', () => {
    const { done, problems } = read({ steamMinutes: 'long', formHours: '24', chamber: '5 90\nhot' });
    expect(problems.steamMinutes).toContain('“long”');
    expect(problems.chamber).toContain('“hot”');
    expect(done.stages).toHaveLength(1);
    expect(done.chamber).toEqual([{ minutes: 5, celsius: 90 }]);
    expect(read({ carrySeconds: '0' }).problems.carrySeconds).toContain('Leave it empty');
  });

  it('types what was kept so that it reads back the same', () => {
    const form = { ...AS_PLANNED, steamMinutes: '47', carrySeconds: '20', chamber: '0 min 49 °C\n30 min 93.3 °C' };
    expect(doneForm(doneOf(form, readAll(form), PROCESS).done)).toEqual(form);
  });
});
