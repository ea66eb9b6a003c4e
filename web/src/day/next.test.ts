import { describe, expect, it } from 'vitest';
import type { BenchView, DayPlanView, DaySlotView, Proposal } from '../api/schema';
import { isBegun, isThePlan, nextOf } from './next';

const at = (minute: number) => new Date(2026, 11, 1, 8, minute).toISOString();

function slot(piece: number, step: DaySlotView['step'], minute: number): DaySlotView {
  return { piece, step, begun: false, beginsAt: at(minute), handsOffAt: at(minute + 3), readyAt: at(minute + 30), endsAt: at(minute + 30), tooLongMinutes: 0, people: 1, overrunMinutes: 0, items: [] };
}

const PLAN: DayPlanView = {
  version: 0, madeAt: at(0), pieces: [{ jobId: 1, number: 1, pieceId: 7, name: 'Ribs 1' }, { jobId: 1, number: 2, name: 'Ribs 2' }],
  slots: [slot(0, 'HEATING', 0), slot(0, 'BENDING', 31), slot(1, 'HEATING', 10), slot(1, 'BENDING', 50)],
};
const onBench = (step: BenchView['step']) => [{ id: 7, step }] as BenchView[];

describe('what is next by the plan', () => {
  it('is the first that the bench has not begun', () => {
    expect(nextOf(PLAN, onBench('PLANNED'))).toBe(PLAN.slots[0]);
    expect(nextOf(PLAN, onBench('HEATING'))).toBe(PLAN.slots[2]);
  });

  it('takes a piece on its form for bent, and one that is gone for done', () => {
    expect(isBegun(slot(0, 'BENDING', 31), PLAN, onBench('ON_FORM'))).toBe(true);
    expect(isBegun(slot(0, 'DRYING', 60), PLAN, onBench('ON_FORM'))).toBe(false);
    expect(isBegun(slot(0, 'DRYING', 60), PLAN, [])).toBe(true);
  });
});

describe('whether a plan is in force', () => {
  const proposal = (from: number, slots: DaySlotView[]) => ({ from: at(from), pieces: PLAN.pieces, slots }) as Proposal;

  it('is so while nothing is later than ten minutes', () => {
    expect(isThePlan(proposal(0, PLAN.slots), PLAN)).toBe(true);
    expect(isThePlan(proposal(1, [slot(0, 'HEATING', 1), slot(0, 'BENDING', 32), slot(1, 'HEATING', 11), slot(1, 'BENDING', 51)]), PLAN)).toBe(true);
    expect(isThePlan(proposal(12, [slot(0, 'HEATING', 12), slot(0, 'BENDING', 43), slot(1, 'HEATING', 20), slot(1, 'BENDING', 60)]), PLAN)).toBe(false);
  });

  it('is not so when a piece came or went', () => {
    expect(isThePlan(proposal(0, PLAN.slots.slice(0, 2)), PLAN)).toBe(false);
    expect(isThePlan({ ...proposal(0, [...PLAN.slots, slot(2, 'BENDING', 300)]), pieces: [...PLAN.pieces, { jobId: 1, number: 3, name: 'Ribs 3' }] }, PLAN)).toBe(false);
  });
});
