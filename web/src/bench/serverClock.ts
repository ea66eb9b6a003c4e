import { api } from '../api/client';

/** How far the server's clock is ahead of this browser's [ms]; what the browser's clock shows does not matter. */
let ahead = 0;
let measured = false;
/** The shortest way there and back that a clock was asked by [ms]. */
let closest = Infinity;

/** Time that no clock setting moves [ms]. */
function steady(): number {
  return performance.timeOrigin + performance.now();
}

/** What the server's clock shows [ms since 1970]. */
export function serverNow(): number {
  return steady() + ahead;
}

/** A moment of the server's clock as it travels. */
export function serverMoment(ms: number): string {
  return new Date(ms).toISOString();
}

const TRIES = 3;
/** A page that slept, or a clock that drifted so far, is set anew [ms]. */
const DRIFTED_MS = 150;

let asking: Promise<void> | undefined;

/** Sets the clock by the server's: of three answers the quickest, taken to have been given half way. */
export function setClock(): Promise<void> {
  asking ??= ask().finally(() => { asking = undefined; });
  return asking;
}

async function ask() {
  closest = Infinity;
  for (let i = 0; i < TRIES; i++) {
    const asked = steady();
    const { data } = await api.GET('/api/bench/clock');
    const answered = steady();
    if (data && answered - asked < closest) {
      closest = answered - asked;
      ahead = Date.parse(data.now) - (asked + answered) / 2;
      measured = true;
    }
  }
}

/** Waits for the clock to be set, if it was not yet. */
export async function clockIsSet(): Promise<void> {
  if (!measured) await setClock();
}

/** What the server told of its clock as it told it; it cannot have taken less than no time to arrive. */
export function heardClock(now: string) {
  const late = serverNow() - Date.parse(now);
  if (!measured || late < -DRIFTED_MS || late > closest + DRIFTED_MS) void setClock().catch(() => undefined);
}
