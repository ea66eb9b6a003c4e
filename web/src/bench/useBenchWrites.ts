import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, body } from '../api/client';
import type { BenchView, PlanFields, VerdictFields } from '../api/schema';
import { BENCH } from './useBench';

/** Writes to the bench other than touches. */
export function useBenchWrites() {
  const client = useQueryClient();
  const onSuccess = () => Promise.all([BENCH, ['jobs']].map((queryKey) => client.invalidateQueries({ queryKey })));
  const place = ({ id, version }: BenchView) => ({ params: { path: { id }, query: { version } } });
  return {
    plan: useMutation({ mutationFn: (plan: PlanFields) => body(api.POST('/api/bench', { body: plan })), onSuccess }),
    takeBack: useMutation({ mutationFn: (piece: BenchView) => body(api.DELETE('/api/bench/{id}/taps/last', place(piece))), onSuccess }),
    takeOff: useMutation({ mutationFn: (piece: BenchView) => body(api.DELETE('/api/bench/{id}', place(piece))), onSuccess }),
    putBack: useMutation({
      mutationFn: (id: number) => body(api.POST('/api/bench/{id}/restoration', { params: { path: { id } } })), onSuccess,
    }),
    liesBeside: useMutation({
      mutationFn: ({ piece, thermometer }: { piece: BenchView; thermometer: number }) =>
        body(api.PUT('/api/bench/{id}/thermometer/{thermometer}', { params: { path: { id: piece.id, thermometer }, query: { version: piece.version } } })),
      onSuccess,
    }),
    judge: useMutation({
      mutationFn: ({ piece, verdict }: { piece: BenchView; verdict: VerdictFields }) =>
        body(api.POST('/api/bench/{id}/verdict', { ...place(piece), body: verdict })),
      onSuccess: () => Promise.all([onSuccess(), client.invalidateQueries({ queryKey: ['trials'] }), client.invalidateQueries({ queryKey: ['forecast'] })]),
    }),
  };
}
