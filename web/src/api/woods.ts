import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, body } from './client';
import type { WoodFields, WoodView } from './schema';

export function useWoods() {
  return useQuery({ queryKey: ['woods'], queryFn: () => body(api.GET('/api/woods')) });
}

/** Writes to the shop's own woods. A changed wood changes every answer there is. */
export function useWoodWrites() {
  const client = useQueryClient();
  const onSuccess = () => client.invalidateQueries();
  const keep = useMutation({
    mutationFn: ({ wood, fields }: { wood: WoodView | undefined; fields: WoodFields }) =>
      wood?.key === undefined
        ? body(api.POST('/api/woods', { body: fields }))
        : body(api.PUT('/api/woods/{key}', { params: { path: { key: wood.key }, query: { version: wood.version ?? 0 } }, body: fields })),
    onSuccess,
  });
  const takeAway = useMutation({
    mutationFn: ({ key, version }: { key: number; version: number }) =>
      body(api.DELETE('/api/woods/{key}', { params: { path: { key }, query: { version } } })),
    onSuccess,
  });
  const bringBack = useMutation({
    mutationFn: (key: number) => body(api.POST('/api/woods/{key}/restoration', { params: { path: { key } } })),
    onSuccess,
  });
  return { keep, takeAway, bringBack };
}
