import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, asBytes, body } from './client';
import { keyOf, type Work } from './work';
import type { Cell, Kept, OtherShopView, TableAnswer, Translation } from './schema';

const ROWS = ['rows'];
const TABLES = ['tables'];
const OTHER_SHOPS = ['other-shops'];

/** A table travels as its bytes; the server finds out how they are written. */
function asTable(file: File) {
  return { ...asBytes(file), headers: { 'Content-Type': 'text/csv' } };
}

export function useRowsWaiting() {
  return useQuery({ queryKey: ROWS, queryFn: () => body(api.GET('/api/exchange/rows')) });
}

/** A table that is worked on: it can be asked how far that is, and stopped, by its key. */
export interface TableWork {
  file: File;
  /** Whose bends they are; nothing for one's own. */
  otherShop: string;
  work: Work;
}

/** How a table that is worked on travels. */
function worked({ file, otherShop, work }: TableWork) {
  const table = asTable(file);
  return { ...table, headers: { ...table.headers, ...keyOf(work) }, signal: work.stopped.signal, query: otherShop === '' ? {} : { otherShop } };
}

/** Looks into a table; keeps nothing of it. */
export function useTableReading() {
  return useMutation({
    mutationFn: (table: TableWork): Promise<TableAnswer> => {
      const { query, ...request } = worked(table);
      return body(api.POST('/api/exchange/readings', { ...request, params: { query } }));
    },
  });
}

/** Tables that were brought in, the latest first. */
export function useTablesBroughtIn() {
  return useQuery({ queryKey: TABLES, queryFn: () => body(api.GET('/api/exchange/tables')) });
}

/** Shops whose records came in. */
export function useOtherShops() {
  return useQuery({ queryKey: OTHER_SHOPS, queryFn: () => body(api.GET('/api/other-shops')) });
}

/** Calls one of them otherwise, or leaves its records out of the forecasts. */
export function useOtherShopChange() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ id, version, name, counted }: OtherShopView) =>
      body(api.PUT('/api/other-shops/{id}', { params: { path: { id }, query: { version } }, body: { name, counted } })),
    onSuccess: (all) => {
      client.setQueryData(OTHER_SHOPS, all);
      return client.invalidateQueries({ queryKey: ['forecast'] });
    },
  });
}

function lookAt(file: File) {
  return body(api.POST('/api/exchange/notebooks', asTable(file)));
}

/** Finds out what somebody's own table means; keeps nothing of it. */
export function useNotebook() {
  return useMutation({ mutationFn: lookAt });
}

/** What is said of tables is kept in the order in which it was said. */
const IN_ORDER = { id: 'notebook' };

/** Says what tables of a shape mean, and looks at one of them again. */
export function useSaid() {
  return useMutation({
    scope: IN_ORDER,
    mutationFn: async ({ file, shape, translation }: { file: File; shape: string; translation: Translation }) => {
      await body(api.PUT('/api/exchange/notebooks/{shape}', { params: { path: { shape } }, body: translation }));
      return lookAt(file);
    },
  });
}

/** Forgets what was said, and looks at a table afresh. */
export function useForgotten() {
  return useMutation({
    scope: IN_ORDER,
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
      body(api.POST('/api/backup/restoration', {
        ...asBytes(file),
        headers: { 'Content-Type': file.name.toLowerCase().endsWith('.json') ? 'application/vnd.brachion.shop+json' : 'application/zip' },
      })),
    onSuccess: () => client.invalidateQueries(),
  });
}

/** Brings tables in, and mends what waits. */
export function useExchangeWrites() {
  const client = useQueryClient();
  const onSuccess = () =>
    Promise.all([ROWS, TABLES, OTHER_SHOPS, ['trials'], ['forecast']].map((queryKey) => client.invalidateQueries({ queryKey })));
  const bringIn = useMutation({
    mutationFn: ({ whole, ...table }: TableWork & { whole: boolean }) => {
      const { query, ...request } = worked(table);
      return body(api.POST('/api/exchange/trials', { ...request, params: { query: { ...query, fileName: table.file.name, whole } } }));
    },
    onSuccess,
  });
  const takeBack = useMutation({
    mutationFn: (id: number) => body(api.DELETE('/api/exchange/tables/{id}', { params: { path: { id } } })),
    onSuccess,
  });
  const bringBack = useMutation({
    mutationFn: (id: number) => body(api.POST('/api/exchange/tables/{id}/restoration', { params: { path: { id } } })),
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
  return { bringIn, takeBack, bringBack, mend, discard, restore };
}
