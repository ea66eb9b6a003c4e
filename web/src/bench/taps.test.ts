import { afterEach, beforeEach, expect, it, vi } from 'vitest';

const sent: { key: string; tap: string }[] = [];
let answers: (() => Promise<unknown>)[] = [];

vi.mock('../api/client', () => ({
  Problem: class Problem extends Error {
    status: number;
    constructor(status: number, detail: string) { super(detail); this.status = status; }
  },
  api: {
    POST: (_: string, { headers, body }: { headers: Record<string, string>; body: { tap: string } }) => {
      sent.push({ key: headers['Idempotency-Key'] ?? '', tap: body.tap });
      return (answers.shift() ?? (() => Promise.resolve({ data: { id: 7 } })))();
    },
    GET: () => Promise.resolve({}),
  },
}));

const { Problem } = await import('../api/client');
const taps = await import('./taps');

beforeEach(() => { vi.useFakeTimers(); });
afterEach(() => {
  vi.useRealTimers();
  sent.length = 0;
  answers = [];
  localStorage.clear();
});

it('sends again with the same key what nobody heard, in the order it was said', async () => {
  answers = [() => Promise.reject(new Problem(0, 'nobody there', [])), () => Promise.reject(new Problem(503, 'no database', []))];
  const taken = vi.fn();
  const stop = taps.listenToTaps(taken, vi.fn());
  taps.say(7, 'PULLED');
  taps.say(7, 'CLAMPED');
  expect(Object.keys(localStorage)).toHaveLength(2);
  await vi.advanceTimersByTimeAsync(10_000);
  expect(sent.map(({ tap }) => tap)).toEqual(['PULLED', 'PULLED', 'PULLED', 'CLAMPED']);
  expect(new Set(sent.slice(0, 3).map(({ key }) => key)).size).toBe(1);
  expect(taken).toHaveBeenCalledTimes(2);
  expect(taps.waitingTaps.get()).toEqual([]);
  expect(localStorage).toHaveLength(0);
  stop();
});

it('tells of a touch that is refused and goes on with the next', async () => {
  answers = [() => Promise.reject(new Problem(409, 'That was written down about this piece already.', []))];
  const refused = vi.fn();
  const stop = taps.listenToTaps(vi.fn(), refused);
  taps.say(7, 'PULLED');
  taps.say(8, 'INTO_SOAK');
  await vi.advanceTimersByTimeAsync(100);
  expect(refused).toHaveBeenCalledWith(expect.objectContaining({ tap: 'PULLED', piece: 7 }), 'That was written down about this piece already.');
  expect(sent.map(({ tap }) => tap)).toEqual(['PULLED', 'INTO_SOAK']);
  expect(taps.waitingTaps.get()).toEqual([]);
  stop();
});
