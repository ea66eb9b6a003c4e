import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import type { DaySlotView } from '../api/schema';
import { lanesOf } from './lanes';
import { daysOnPaper } from './paper';

const at = (day: number, hour: number, minute = 0) => new Date(2026, 11, day, hour, minute).toISOString();
const slot = (piece: number, step: DaySlotView['step'], begins: string, handsOff: string, ends: string): DaySlotView =>
  ({ piece, step, begun: false, beginsAt: begins, handsOffAt: handsOff, readyAt: ends, endsAt: ends, tooLongMinutes: 0, people: 1, overrunMinutes: 0, items: [] });
const PIECES = [{ jobId: 1, number: 1, name: 'Ribs 1' }, { jobId: 1, number: 2, name: 'Ribs 2' }];
const SLOTS = [
  slot(0, 'BENDING', at(1, 9), at(1, 9, 10), at(2, 10)), slot(1, 'BENDING', at(1, 16, 55), at(1, 17, 20), at(2, 18)), slot(0, 'DRYING', at(2, 10), at(2, 10, 5), at(6, 10)),
];
const days = () => daysOnPaper(SLOTS, PIECES, [], lanesOf(SLOTS, []), { from: 480, to: 1020 }, Date.parse(at(1, 0)), Date.parse(at(8, 0)));

// days far off are said with their year
beforeEach(() => { vi.useFakeTimers({ toFake: ['Date'], now: new Date(2026, 11, 1, 7) }); });
afterEach(() => { vi.useRealTimers(); });

it('has a page for each day on which anything is to be done', () => {
  expect(days().map(({ heading }) => heading)).toEqual(['Tue 1 Dec', 'Wed 2 Dec']);
  expect(days()[0]?.work).toEqual([{ time: '09:00', what: 'Ribs 1: bend and clamp' }, { time: '16:55', what: 'Ribs 2: bend and clamp' }]);
});

it('says what goes on overnight and until when', () => {
  expect(days()[0]?.goesOn).toEqual(['On the form overnight: Ribs 1 until Wed 2 Dec, 10:00; Ribs 2 until Wed 2 Dec, 18:00']);
  expect(days()[1]?.goesOn).toEqual(['Drying overnight: Ribs 1 until Sun 6 Dec, 10:00']);
});

it('draws the hours of work, and longer where somebody stays', () => {
  expect([days()[0]?.from, days()[0]?.to]).toEqual([480, 1040]);
  const form = days()[1]?.lanes.find(({ label }) => label === 'On the form');
  expect(form?.bars.map(({ from, to, name }) => [from, to, name])).toEqual([[0, 600, 'Ribs 1'], [0, 1080, 'Ribs 2']]);
});
