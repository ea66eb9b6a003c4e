import { expect, it } from 'vitest';
import type { TrialView } from '../api/schema';
import { STEAMED } from '../testing';
import { compared } from './comparison';

const HELD: TrialView = {
  id: 1, version: 0, bentOn: '2026-03-01', recipe: { ...STEAMED, board: 'ash A' }, done: { stages: [], chamber: [] }, outcome: { severity: 'CLEAN', releasedRadiusMm: 158.75 }, note: '',
};
const BROKE: TrialView = {
  ...HELD, id: 2, recipe: { ...STEAMED, blank: { ...STEAMED.blank, moisturePercent: 8, grainRun: undefined as unknown as number }, board: 'ash B' },
  done: { stages: [{ kind: 'CARRY', plannedMinutes: 0.25, actualMinutes: 0.75 }], chamber: [] },
  outcome: { severity: 'BROKEN', flaw: 'SNAP', flawAt: 'BEGINNING', nextTime: 'soak it' },
};

it('says only where records differ, and what they have alike', () => {
  const { differ, alike } = compared([HELD, BROKE], (id) => id, 'inch');
  expect(differ).toEqual([
    { what: 'Moisture', said: ['18 %', '8 %'] },
    { what: 'Slope of grain', said: ['1 in 25', 'not looked at'] },
    { what: 'Went', said: ['as planned', 'carried 45 s instead of 15 s'] },
    { what: 'Board', said: ['ash A', 'ash B'] },
    { what: 'Seen', said: ['nothing', 'snapped through'] },
    { what: 'Where', said: ['not said', 'where it begins'] },
    { what: 'Radius after release', said: ['6 1/4"', 'none, it broke'] },
    { what: 'Next time', said: ['not said', 'soak it'] },
  ]);
  expect(alike.map(({ what }) => what)).toContain('Thickness');
  expect(alike.map(({ what }) => what)).not.toContain('Mended');
});
