import type { BenchView, StandingReading, TapFields } from '../api/schema';
import type { WaitingTap } from './taps';
import type { Step, Tap } from './words';

export interface BenchState {
  step: Step;
  next: Tap[];
  standing: StandingReading;
  said: TapFields[];
}

/** What may follow, as far ahead as the server said. */
interface Following {
  tap: Tap;
  to: Step;
  then?: Following[];
}

/**
 * A piece as the server knows it, carried on by what waits to be sent: where that leads and what may follow the server said
 * beforehand, and the seconds after a pull are those it gave for a pull at this time. Anything more is shown when it is heard again.
 */
export function stateOf(piece: BenchView, waiting: WaitingTap[]): BenchState {
  let { step, standing, said } = piece;
  let next: Following[] = piece.next;
  for (const { tap, saidAt, celsius, person } of waiting) {
    if (piece.said.some((each) => each.tap === tap && each.saidAt === saidAt)) continue;
    const follows = next.find((each) => each.tap === tap);
    if (follows && follows.to !== step) {
      standing = begun(follows.to, saidAt, standing);
      step = follows.to;
    }
    next = follows?.then ?? [];
    said = [...said, { tap, saidAt, ...(celsius === undefined ? {} : { celsius }), ...(person === undefined ? {} : { person }) }];
  }
  return { step, next: next.map(({ tap }) => tap), standing, said };
}

/** How it stands at the beginning of a step; the time in the heat counts from when it is there. */
function begun(step: Step, saidAt: string, before: StandingReading): StandingReading {
  const bears = before.wood?.bearsCarryS;
  if (step === 'BENDING' && bears) {
    return { countsFrom: saidAt, due: new Date(Date.parse(saidAt) + bears * 1000).toISOString(), dueIs: 'OUTER_FACE_HARD' };
  }
  return { ...(step === 'HEATING' ? {} : { countsFrom: saidAt }), dueIs: 'NOTHING' };
}
