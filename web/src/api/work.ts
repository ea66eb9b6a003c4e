import { useMutation, useQuery } from '@tanstack/react-query';
import { api, body } from './client';
import { writeKey } from './persistence';

/** Milliseconds between two looks at how far some work is. */
const A_LOOK_MS = 400;

/** Work that may take long: the server knows it by its key, and the page no longer waits for it once it is stopped. */
export interface Work {
  key: string;
  stopped: AbortController;
}

export function newWork(): Work {
  return { key: writeKey(), stopped: new AbortController() };
}

/** The header by which the server knows it. */
export function keyOf({ key }: Work) {
  return { 'Idempotency-Key': key };
}

/** How far it is. */
export function useProgress({ key }: Work) {
  return useQuery({ queryKey: ['work', key], queryFn: () => body(api.GET('/api/work/{key}', { params: { path: { key } } })), refetchInterval: A_LOOK_MS, gcTime: 0 });
}

/** Stops it, unless it is all but done: then it goes on, and its answer comes. */
export function useStop() {
  return useMutation({
    mutationFn: async ({ key, stopped }: Work) => {
      const answer = await body(api.DELETE('/api/work/{key}', { params: { path: { key } } }));
      if (answer.stopped) stopped.abort();
      return answer.stopped;
    },
  });
}
