import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { clockIsSet, serverNow } from '../bench/serverClock';
import { api, body } from './client';
import type { InstrumentView } from './schema';

const INSTRUMENTS = ['instruments'];
const LOOK_EACH_MS = 3000;

/** What an instrument measures. */
export type InstrumentKind = InstrumentView['kind'];

/** The instruments, and the server's clock when they were looked at. */
async function look() {
  await clockIsSet();
  return { instruments: await body(api.GET('/api/instruments')), now: serverNow() };
}

export function useInstruments() {
  return useQuery({ queryKey: INSTRUMENTS, queryFn: look, refetchInterval: LOOK_EACH_MS });
}

/** The air of the shop over the last day, as a room sensor read it. */
export function useAir() {
  return useQuery({ queryKey: [...INSTRUMENTS, 'air'], queryFn: () => body(api.GET('/api/instruments/air')) });
}

export function useInstrumentWrites() {
  const client = useQueryClient();
  const onSuccess = () => client.invalidateQueries({ queryKey: INSTRUMENTS });
  return {
    add: useMutation({ mutationFn: (fields: { name: string; kind: InstrumentKind }) => body(api.POST('/api/instruments', { body: fields })), onSuccess }),
    remove: useMutation({
      mutationFn: ({ id, version }: InstrumentView) => body(api.DELETE('/api/instruments/{id}', { params: { path: { id }, query: { version } } })), onSuccess,
    }),
    putBack: useMutation({ mutationFn: (id: number) => body(api.POST('/api/instruments/{id}/restoration', { params: { path: { id } } })), onSuccess }),
  };
}

/** How long ago it was heard [s]; for ever when it never was. */
export function heardAgo({ last }: InstrumentView, now: number): number {
  return last?.readAt === undefined ? Infinity : Math.max(0, (now - Date.parse(last.readAt)) / 1000);
}
