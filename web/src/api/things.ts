import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, body } from './client';
import type { BenchView, RecipeFields, RigItemFields, RigItemView, UsedFields } from './schema';

/** Whatever is known of the things in the rig and of who has them. */
const THINGS = ['things'];
const LOOK_EACH_MS = 5000;

/** What kind of thing it is. */
export type ThingKind = RigItemFields['kind'];

export function useThings() {
  return useQuery({ queryKey: THINGS, queryFn: () => body(api.GET('/api/rig/items')) });
}

/** Who has which thing, looked at time and again. */
export function useThingsInUse() {
  return useQuery({ queryKey: [...THINGS, 'use'], queryFn: () => body(api.GET('/api/bench/items')), refetchInterval: LOOK_EACH_MS });
}

/** What there is in the rig for a bend. */
export function useThingsFor(recipe: RecipeFields, jobId: number | undefined) {
  return useQuery({
    queryKey: [...THINGS, 'for', recipe, jobId],
    queryFn: () => body(api.POST('/api/bench/items/choices', { body: { recipe, ...(jobId === undefined ? {} : { jobId }) } })),
    placeholderData: keepPreviousData,
    staleTime: 0,
  });
}

/** What a record was made with on the bench. */
export function useMadeWith(trial: number) {
  return useQuery({ queryKey: [...THINGS, 'of record', trial], queryFn: () => body(api.GET('/api/bench/records/{trial}', { params: { path: { trial } } })) });
}

export function useThingWrites() {
  const client = useQueryClient();
  const onSuccess = () => Promise.all([THINGS, ['forecast']].map((queryKey) => client.invalidateQueries({ queryKey })));
  const place = ({ id, version }: Pick<RigItemView, 'id' | 'version'>) => ({ params: { path: { id }, query: { version } } });
  return {
    takeIn: useMutation({ mutationFn: (item: RigItemFields) => body(api.POST('/api/rig/items', { body: item })), onSuccess }),
    change: useMutation({
      mutationFn: ({ view, item }: { view: Pick<RigItemView, 'id' | 'version'>; item: RigItemFields }) => body(api.PUT('/api/rig/items/{id}', { ...place(view), body: item })), onSuccess,
    }),
    takeAway: useMutation({ mutationFn: (view: RigItemView) => body(api.DELETE('/api/rig/items/{id}', place(view))), onSuccess }),
    putBack: useMutation({ mutationFn: (id: number) => body(api.POST('/api/rig/items/{id}/restoration', { params: { path: { id } } })), onSuccess }),
    /** Says with what a piece on the bench is made. */
    isMadeWith: useMutation({
      mutationFn: ({ piece: { id, version }, madeWith }: { piece: Pick<BenchView, 'id' | 'version'>; madeWith: UsedFields[] }) =>
        body(api.PUT('/api/bench/{id}/items', { params: { path: { id }, query: { version } }, body: { madeWith } })),
      onSuccess: () => Promise.all([THINGS, ['bench']].map((queryKey) => client.invalidateQueries({ queryKey }))),
    }),
  };
}
