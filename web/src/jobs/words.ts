import type { JobView, OutstandingAnswer, PieceOfJob, Progress } from '../api/schema';
import { oddsInWords } from '../odds/words';
import { daysBetween, printDay } from '../units/days';

/** How sure one can want to be of enough good pieces. */
export const CERTAINTY = { '0.8': '8 in 10', '0.9': '9 in 10', '0.95': '19 in 20' };
/** What can count as good. */
export const GOOD = { flaw: 'unbroken', clean: 'clean' };

/** What is wanted by when. */
export function wantedLine({ wanted, dueOn }: JobView['job'], today: string): string {
  const pieces = `${wanted} good ${wanted === 1 ? 'piece' : 'pieces'}`;
  if (!dueOn) return pieces;
  const days = daysBetween(today, dueOn);
  const when = days < 0 ? `${-days} ${days === -1 ? 'day' : 'days'} ago` : days === 0 ? 'today' : days === 1 ? 'tomorrow' : `in ${days} days`;
  return `${pieces} by ${printDay(dueOn)}, ${when}`;
}

/** How far it is, in a line. */
export function progressInWords({ wanted, good, spoilt, bent, underWay }: Progress): string {
  return [
    `${good} of ${wanted} good`, bent > 0 && `${bent} bent and holding`, underWay > 0 && `${underWay} under way`, spoilt > 0 && `${spoilt} spoilt`,
  ].filter(Boolean).join(', ');
}

/** What is still to be started, and how sure one may be. */
export function outstandingInWords({ missing, toStart, suffices, perPiece }: OutstandingAnswer, { underWay }: Progress): string {
  if (missing === 0) return 'Nothing more need be started.';
  const each = `One piece comes good ${oddsInWords(perPiece.probability)} times.`;
  if (toStart === undefined) return `Even 400 pieces would be too few for the ${missing} missing. Change the plan first. ${each}`;
  if (toStart === 0) return `The ${underWay} under way are enough ${oddsInWords(suffices)} times. ${each}`;
  return `Start ${toStart} more${underWay > 0 ? ` beside the ${underWay} under way` : ''}. ${each}`;
}

/** How a piece counts, as the row of marks shows it. */
export type Mark = 'good' | 'bent' | 'underWay' | 'spoilt' | 'open';

/** A mark for each piece, and one for each that is still to be started. */
export function marks({ wanted, good, bent, underWay, spoilt }: Progress): Mark[] {
  const row = (mark: Mark, count: number) => Array.from({ length: count }, () => mark);
  return [...row('good', good), ...row('bent', bent), ...row('underWay', underWay), ...row('open', Math.max(0, wanted - good - bent - underWay)), ...row('spoilt', spoilt)];
}

export function nameOf(piece: PieceOfJob): string {
  return piece.name ?? (piece.bentOn ? `Bent ${printDay(piece.bentOn)}` : 'A piece');
}
