import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, asBytes, body } from './client';
import type { BroughtIn, Cell, Kept, Translation } from './schema';

const ROWS = ['rows'];

/** A table travels as its bytes; the server finds out how they are written. */
function asTable(file: File) {
  return { ...asBytes(file), headers: { 'Content-Type': 'text/csv' } };
}

export function useRowsWaiting() {
  return useQuery({ queryKey: ROWS, queryFn: () => body(api.GET('/api/exchange/rows')) });
}

/** Looks into a table; keeps nothing of it. */
export function useTableReading() {
  return useMutation({ mutationFn: (file: File) => body(api.POST('/api/exchange/readings', asTable(file))) });
}

function lookAt(file: File) {
  return body(api.POST('/api/exchange/notebooks', asTable(file)));
}

/** Finds out what somebody's own table means; keeps nothing of it. */
export function useNotebook() {
  return useMutation({ mutationFn: lookAt });
}

/** Says what tables of a shape mean, and looks at one of them again. */
export function useSaid() {
  return useMutation({
    mutationFn: async ({ file, shape, translation }: { file: File; shape: string; translation: Translation }) => {
      await body(api.PUT('/api/exchange/notebooks/{shape}', { params: { path: { shape } }, body: translation }));
      return lookAt(file);
    },
  });
}

/** Forgets what was said, and looks at a table afresh. */
export function useForgotten() {
  return useMutation({
    mutationFn: async ({ file, shape }: { file: File; shape: string }) => {
      await body(api.DELETE('/api/exchange/notebooks/{shape}', { params: { path: { shape } } }));
      return lookAt(file);
    },
  });
}

/** Fills a shop that is still empty from a backup. */
export function useBackupRestoration() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (file: File) =>
      body(api.POST('/api/backup/restoration', { ...asBytes(file), headers: { 'Content-Type': 'application/zip' } })),
    onSuccess: () => client.invalidateQueries(),
  });
}

/** Brings tables in, and mends what waits. */
export function useExchangeWrites() {
  const client = useQueryClient();
  const onSuccess = () =>
    Promise.all([ROWS, ['trials'], ['forecast']].map((queryKey) => client.invalidateQueries({ queryKey })));
  const bringIn = useMutation({
    mutationFn: ({ file, whole }: { file: File; whole: boolean }) =>
      body(api.POST('/api/exchange/trials', { ...asTable(file), params: { query: { fileName: file.name, whole } } })),
    onSuccess,
  });
  const takeBack = useMutation({
    mutationFn: ({ trials, rows }: BroughtIn) => body(api.POST('/api/exchange/undoing', { body: { trials, rows } })),
    onSuccess,
  });
  const mend = useMutation({
    mutationFn: ({ row, cells }: { row: Kept; cells: Cell[] }) =>
      body(api.PUT('/api/exchange/rows/{id}', { params: { path: { id: row.id }, query: { version: row.version } }, body: { cells } })),
    onSuccess,
  });
  const discard = useMutation({
    mutationFn: (id: number) => body(api.DELETE('/api/exchange/rows/{id}', { params: { path: { id } } })),
    onSuccess,
  });
  const restore = useMutation({
    mutationFn: (id: number) => body(api.POST('/api/exchange/rows/{id}/restoration', { params: { path: { id } } })),
    onSuccess,
  });
  return { bringIn, takeBack, mend, discard, restore };
}
