import { describe, expect, it } from 'vitest';
import { doneForm, readDone } from './done';
import { AS_PLANNED } from './draft';

describe('the process as it was done', () => {
  it('is empty when everything went as planned', () => {
    expect(readDone(AS_PLANNED, 'inch')).toEqual({ done: { stages: [], chamber: [] }, problems: {} });
  });

  it('keeps each stage in minutes, whatever it is typed in', () => {
    const { done } = readDone({ ...AS_PLANNED, soakHours: '12', carrySeconds: '30', rackDays: '14' }, 'inch');
    expect(done.stages).toEqual([
      { kind: 'SOAK', actualMinutes: 720 },
      { kind: 'CARRY', actualMinutes: 0.5 },
      { kind: 'RACK', actualMinutes: 20_160 },
    ]);
  });

  it.each([
    ['15 96', 'metric', 15, 96],
    ['15 min 205 °F', 'metric', 15, 96.11],
    ['7,5; 208', 'inch', 7.5, 97.78],
    ['0, -4 c', 'inch', 0, -4],
  ] as const)('reads “%s” in %s', (line, system, minutes, celsius) => {
    const [reading] = readDone({ ...AS_PLANNED, chamber: line }, system).done.chamber;
    expect(reading?.minutes).toBe(minutes);
    expect(reading?.celsius).toBeCloseTo(celsius, 1);
  });

  it('names what it cannot read and keeps the rest', () => {
    const { done, problems } = readDone({ ...AS_PLANNED, steamMinutes: 'long', formHours: '24', chamber: '5 90\nhot' }, 'metric');
    expect(problems.steamMinutes).toContain('“long”');
    expect(problems.chamber).toContain('“hot”');
    expect(done.stages).toHaveLength(1);
    expect(done.chamber).toHaveLength(1);
  });

  it('types what was kept so that it reads back the same', () => {
    const form = { ...AS_PLANNED, steamMinutes: '47', carrySeconds: '20', chamber: '0 min 49 °C\n30 min 93.3 °C' };
    const { done } = readDone(form, 'inch');
    const view = { stages: done.stages.map((stage) => ({ ...stage })), chamber: done.chamber };
    expect(doneForm(view)).toEqual(form);
  });
});
