import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { persistently, tryingAgain, writeKey } from './persistence';

beforeEach(() => {
  vi.useFakeTimers();
});

afterEach(() => {
  vi.useRealTimers();
});

const write = () => new Request('http://localhost/api/trials', { method: 'POST', body: '{"a":1}', headers: { 'Idempotency-Key': 'abc' } });

test('a write that finds nobody is sent again, the same to the letter, until it is answered', async () => {
  const sent: string[] = [];
  const send = vi.fn(async (request: Request) => {
    sent.push(`${request.headers.get('Idempotency-Key') ?? ''} ${await request.text()}`);
    if (sent.length === 1) throw new TypeError('Failed to fetch');
    return new Response(null, { status: sent.length === 2 ? 503 : 201 });
  });
  const answer = persistently(write(), send);
  await vi.advanceTimersByTimeAsync(10);
  expect(tryingAgain.get()).toBe(true);
  await vi.advanceTimersByTimeAsync(5000);
  expect((await answer).status).toBe(201);
  expect(sent).toEqual(['abc {"a":1}', 'abc {"a":1}', 'abc {"a":1}']);
  expect(tryingAgain.get()).toBe(false);
});

test('a refusal is an answer, and what stays away is said in the end', async () => {
  const refuse = vi.fn(() => Promise.resolve(new Response(null, { status: 400 })));
  expect((await persistently(write(), refuse)).status).toBe(400);
  expect(refuse).toHaveBeenCalledOnce();

  const nobody = vi.fn(() => Promise.reject(new TypeError('Failed to fetch')));
  const answer = persistently(write(), nobody);
  const failed = expect(answer).rejects.toThrow('Failed to fetch');
  await vi.advanceTimersByTimeAsync(60_000);
  await failed;
  expect(nobody).toHaveBeenCalledTimes(6);
  expect(tryingAgain.get()).toBe(false);
});

test('whoever no longer asks is not asked for', async () => {
  const stop = new AbortController();
  const busy = vi.fn(() => Promise.resolve(new Response(null, { status: 429 })));
  const answer = persistently(new Request('http://localhost/api/ways', { signal: stop.signal }), busy);
  const failed = expect(answer).rejects.toThrow();
  await vi.advanceTimersByTimeAsync(10);
  stop.abort();
  await failed;
  await vi.advanceTimersByTimeAsync(60_000);
  expect(busy).toHaveBeenCalledOnce();
});

test('no two writes have the same key', () => {
  const keys = new Set(Array.from({ length: 100 }, writeKey));
  expect(keys.size).toBe(100);
  expect([...keys][0]).toMatch(/^[0-9a-f]{32}$/);
});
