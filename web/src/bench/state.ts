import type { BenchView, StandingReading, TapFields } from '../api/schema';
import type { WaitingTap } from './taps';
import type { Step, Tap } from './words';

export interface BenchState {
  step: Step;
  next: Tap[];
  standing: StandingReading;
  said: TapFields[];
}

/** What each touch starts while the server cannot be asked. */
const MEANWHILE: Partial<Record<Tap, Step>> = {
  INTO_SOAK: 'SOAKING', INTO_HEAT: 'HEATING', PULLED: 'BENDING', RELEASED: 'DRYING', GLUE_ON: 'GLUING', BROKE: 'FINISHED',
};

/**
 * A piece as the server knows it, carried on by what waits to be sent: what may follow the server said beforehand, and the seconds
 * after a pull are those it gave for a pull at this time. Anything more is shown when the server is heard again.
 */
export function stateOf(piece: BenchView, waiting: WaitingTap[]): BenchState {
  const fresh = waiting.filter(({ tap, saidAt }) => !piece.said.some((said) => said.tap === tap && said.saidAt === saidAt));
  let state: BenchState = { step: piece.step, next: piece.next.map(({ tap }) => tap), standing: piece.standing, said: piece.said };
  fresh.forEach((said, place) => {
    state = {
      ...carriedOn(state, said),
      next: place === 0 ? piece.next.find(({ tap }) => tap === said.tap)?.then ?? [] : [],
      said: [...state.said, { tap: said.tap, saidAt: said.saidAt, ...(said.celsius === undefined ? {} : { celsius: said.celsius }) }],
    };
  });
  return state;
}

function carriedOn({ step, next, standing, said }: BenchState, { tap, saidAt }: WaitingTap): BenchState {
  const same = { step, next, standing, said };
  if (tap === 'CLAMPED') {
    return { ...same, step: step === 'GLUING' ? 'IN_CLAMPS' : 'ON_FORM', standing: { countsFrom: saidAt, dueIs: 'NOTHING' } };
  }
  const begins = MEANWHILE[tap];
  if (!begins) return same;
  const bears = standing.wood?.bearsCarryS;
  return {
    ...same,
    step: begins,
    standing: tap === 'PULLED' && bears
      ? { countsFrom: saidAt, due: new Date(Date.parse(saidAt) + bears * 1000).toISOString(), dueIs: 'OUTER_FACE_HARD' }
      : { ...(tap === 'INTO_HEAT' ? {} : { countsFrom: saidAt }), dueIs: 'NOTHING' },
  };
}
