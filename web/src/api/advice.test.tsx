import { act, renderHook, waitFor } from '@testing-library/react';
import { beforeEach, expect, it, vi } from 'vitest';
import { useWays } from './advice';
import type { WaysRequest } from './schema';

interface Asked {
  signal: AbortSignal;
  send: (text: string) => void;
  end: () => void;
}

const searches: Asked[] = [];
let refusal: Error | undefined;
vi.mock('./client', () => ({
  body: vi.fn(),
  api: {
    POST: (_: string, { signal }: { signal: AbortSignal }) => {
      if (refusal) return Promise.reject(refusal);
      const stream = new ReadableStream<Uint8Array>({
        start(controller) {
          searches.push({
            signal,
            send: (text) => { controller.enqueue(new TextEncoder().encode(text)); },
            end: () => { controller.close(); },
          });
        },
      });
      return Promise.resolve({ response: new Response(stream) });
    },
  },
}));

const WISH = { innerRadiusMm: 100 } as WaysRequest;
const FOUND = { ways: [], reached: 0, looked: 240, fellOut: [], nearest: [] };

beforeEach(() => {
  searches.length = 0;
  refusal = undefined;
});

it('asks nothing before there is a wish', () => {
  const { result } = renderHook(() => useWays(undefined));
  expect(result.current).toBeUndefined();
  expect(searches).toHaveLength(0);
});

it('follows the search line by line, however the lines are cut up on the way', async () => {
  const { result } = renderHook(() => useWays(WISH));
  await waitFor(() => { expect(searches).toHaveLength(1); });
  act(() => { searches[0]?.send('{"done": 60, "of": 240}\n{"done": 120, "o'); });
  await waitFor(() => { expect(result.current).toEqual({ done: 60, of: 240 }); });
  act(() => { searches[0]?.send('f": 240}\n'); });
  await waitFor(() => { expect(result.current).toEqual({ done: 120, of: 240 }); });
  act(() => {
    searches[0]?.send(`${JSON.stringify({ done: 240, of: 240, found: FOUND })}\n`);
    searches[0]?.end();
  });
  await waitFor(() => { expect(result.current?.found).toEqual(FOUND); });
});

it('ends the search for a wish that no longer stands', async () => {
  const { rerender, unmount } = renderHook(({ wish }) => useWays(wish), { initialProps: { wish: WISH } });
  await waitFor(() => { expect(searches).toHaveLength(1); });
  rerender({ wish: { ...WISH, innerRadiusMm: 120 } });
  await waitFor(() => { expect(searches).toHaveLength(2); });
  expect(searches[0]?.signal.aborted).toBe(true);
  expect(searches[1]?.signal.aborted).toBe(false);
  unmount();
  expect(searches[1]?.signal.aborted).toBe(true);
});

it('says why a search failed', async () => {
  refusal = new Error('Say how the stock at hand was dried.');
  const { result } = renderHook(() => useWays(WISH));
  await waitFor(() => { expect(result.current?.error?.message).toBe('Say how the stock at hand was dried.'); });
});
