import type { BenchView, DayPieceView, DayPlanView, DaySlotView, Proposal } from '../api/schema';

const IN_ORDER: BenchView['step'][] = ['PLANNED', 'PREPARED', 'SOAKING', 'HEATING', 'BENDING', 'ON_FORM', 'DRYING', 'GLUING', 'IN_CLAMPS', 'FINISHED', 'JUDGED'];

/** Whether a stretch of work of a plan was begun, as the bench stands; a piece that is no longer there is done with. */
export function isBegun(slot: DaySlotView, plan: DayPlanView, onBench: BenchView[]): boolean {
  const pieceId = plan.pieces[slot.piece]?.pieceId;
  if (slot.begun) return true;
  if (pieceId === undefined) return false;
  const piece = onBench.find(({ id }) => id === pieceId);
  return !piece || IN_ORDER.indexOf(piece.step) >= IN_ORDER.indexOf(slot.step);
}

/** Whether hands are still to be had for a stretch of work. */
export function wantsHands({ begun, beginsAt, handsOffAt }: DaySlotView): boolean {
  return !begun && handsOffAt > beginsAt;
}

/** What hands are still to do, in the order of time. */
export function workOfHands(slots: DaySlotView[]): DaySlotView[] {
  return slots.filter(wantsHands).sort((a, b) => a.beginsAt.localeCompare(b.beginsAt));
}

/** What a piece goes on with; nothing when all of it is begun. */
export function goesOnWith(slots: DaySlotView[], piece: number | undefined): DaySlotView | undefined {
  return slots.find((slot) => slot.piece === piece && !slot.begun);
}

/** What hands are to do next by the plan; nothing when all is begun. */
export function nextOf(plan: DayPlanView, onBench: BenchView[]): DaySlotView | undefined {
  return workOfHands(plan.slots).find((slot) => !isBegun(slot, plan, onBench));
}

/** What a piece is known by from one plan to the next. */
export function keyOf({ jobId, number, pieceId }: Pick<DayPieceView, 'jobId' | 'number' | 'pieceId'>): string {
  return jobId === undefined ? `bench ${pieceId ?? ''}` : `${jobId} ${number}`;
}

/** When what is still to be begun begins, by piece and step [ms]. */
function toBegin({ pieces, slots }: Pick<Proposal, 'pieces' | 'slots'>): Map<string, number> {
  return new Map(slots.filter(({ begun }) => !begun).map(({ piece, step, beginsAt }) => {
    const which = pieces[piece];
    return [`${which ? keyOf(which) : ''} ${step}`, Date.parse(beginsAt)];
  }));
}

/** Nobody is late by less [ms]. */
export const LATE_MS = 10 * 60_000;

/** Whether a proposal is what the plan in force says of what is still to come; what is due now may be late, and what is not late has not moved. */
export function isThePlan(proposal: Proposal, plan: DayPlanView): boolean {
  const from = Date.parse(proposal.from);
  const now = toBegin(proposal);
  const then = toBegin(plan);
  return [...now].every(([what, begins]) => begins <= from + LATE_MS || Math.abs((then.get(what) ?? Infinity) - begins) <= LATE_MS)
    && [...then].every(([what, begins]) => begins <= from + 2 * LATE_MS || now.has(what));
}
