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

/** What hands are to do next by the plan; nothing when all is begun. */
export function nextOf(plan: DayPlanView, onBench: BenchView[]): DaySlotView | undefined {
  return plan.slots.filter((slot) => slot.handsOffAt > slot.beginsAt && !isBegun(slot, plan, onBench)).sort((a, b) => a.beginsAt.localeCompare(b.beginsAt))[0];
}

/** What a piece is known by from one plan to the next. */
export function keyOf({ jobId, number, pieceId }: Pick<DayPieceView, 'jobId' | 'number' | 'pieceId'>): string {
  return jobId === undefined ? `bench ${pieceId ?? ''}` : `${jobId} ${number}`;
}

/** What is still to be begun, by piece and step. */
function toBegin({ pieces, slots }: Pick<Proposal, 'pieces' | 'slots'>, after: string): Map<string, string> {
  return new Map(slots.filter(({ begun, beginsAt }) => !begun && beginsAt > after).map(({ piece, step, beginsAt }) => {
    const which = pieces[piece];
    return [`${which ? keyOf(which) : ''} ${step}`, beginsAt];
  }));
}

/** Whether a proposal is what the plan in force says of what is still to come. */
export function isThePlan(proposal: Proposal, plan: DayPlanView): boolean {
  const now = toBegin(proposal, proposal.from);
  const then = toBegin(plan, proposal.from);
  return now.size === then.size && [...now].every(([what, beginsAt]) => then.get(what) === beginsAt);
}
