import { api, Problem } from '../api/client';
import { writeKey } from '../api/persistence';
import type { BenchView } from '../api/schema';
import { shopOfThisTab } from '../api/shop';
import { readStored } from '../app/storage';
import { serverMoment, serverNow } from './serverClock';
import type { Tap } from './words';

/** A touch that the server has not taken in yet. Its key is its own, so that it counts once however often it is sent. */
export interface WaitingTap {
  key: string;
  piece: number;
  tap: Tap;
  saidAt: string;
  celsius?: number | undefined;
  /** Who did it, where this screen knows. */
  person?: string | undefined;
}

/** Whoever works at this screen, by their name. */
export const AT_THIS_SCREEN = 'brachion.at-this-screen';

/** Each stands in the browser's store by itself, so that two pages of one browser lose nothing of each other's. */
const STORED = 'brachion.tap.';
const AGAIN_MS = 1500;

let waiting: WaitingTap[] | undefined;
let sending = false;
const listeners = new Set<() => void>();
const taken = new Set<(piece: BenchView) => void>();
const refused = new Set<(tap: WaitingTap, sentence: string) => void>();

function prefix(): string {
  return `${shopOfThisTab.get() ?? 'own'}.${STORED}`;
}

function read(): WaitingTap[] {
  try {
    return Object.keys(localStorage).filter((key) => key.startsWith(prefix()))
      .map((key) => JSON.parse(localStorage.getItem(key) ?? '') as WaitingTap)
      .sort((a, b) => a.saidAt.localeCompare(b.saidAt));
  } catch {
    return [];
  }
}

function change(next: WaitingTap[]) {
  waiting = next;
  listeners.forEach((listener) => { listener(); });
}

/** What waits to be sent, in the order it was said. */
export const waitingTaps = {
  get: (): WaitingTap[] => (waiting ??= read()),
  subscribe: (listener: () => void) => {
    listeners.add(listener);
    return () => { listeners.delete(listener); };
  },
};

/** Is told of each piece as the server has it once a touch was taken in, and of touches that were refused. */
export function listenToTaps(onTaken: (piece: BenchView) => void, onRefused: (tap: WaitingTap, sentence: string) => void) {
  taken.add(onTaken);
  refused.add(onRefused);
  return () => {
    taken.delete(onTaken);
    refused.delete(onRefused);
  };
}

/** Says something of a piece, whether or not anybody hears it now; at this moment, unless it was earlier. */
export function say(piece: number, tap: Tap, { at = serverNow(), celsius }: { at?: number; celsius?: number } = {}) {
  const said: WaitingTap = { key: writeKey(), piece, tap, saidAt: serverMoment(at), celsius, person: (readStored<string>(AT_THIS_SCREEN) ?? '').trim() || undefined };
  try {
    localStorage.setItem(prefix() + said.key, JSON.stringify(said));
  } catch {
    // a full or forbidden store keeps it in this page alone
  }
  change([...waitingTaps.get(), said]);
  void sendWaiting();
}

function done(said: WaitingTap) {
  try {
    localStorage.removeItem(prefix() + said.key);
  } catch {
    // it was not stored either
  }
  change(waitingTaps.get().filter((each) => each.key !== said.key));
}

/** Sends what waits, one after the other, until nothing waits. */
export async function sendWaiting(): Promise<void> {
  if (sending) return;
  sending = true;
  try {
    for (let next = waitingTaps.get()[0]; next; next = waitingTaps.get()[0]) await send(next);
  } finally {
    sending = false;
  }
}

async function send(said: WaitingTap) {
  const { key, piece, tap, saidAt, celsius, person } = said;
  try {
    const { data } = await api.POST('/api/bench/{id}/taps', {
      params: { path: { id: piece } },
      headers: { 'Idempotency-Key': key },
      body: { tap, saidAt, celsius, person },
    });
    done(said);
    if (data) taken.forEach((listener) => { listener(data); });
  } catch (failed) {
    const problem = failed instanceof Problem ? failed : undefined;
    if (problem && problem.status >= 400 && problem.status < 500 && problem.status !== 429) {
      done(said);
      refused.forEach((listener) => { listener(said, problem.message); });
    } else {
      await new Promise((resolve) => setTimeout(resolve, AGAIN_MS));
    }
  }
}
