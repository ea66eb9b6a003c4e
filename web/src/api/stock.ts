import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useUnits } from '../app/units';
import { MARKS } from './advice';
import { api, body } from './client';
import type { BoardFields, BoardView, RecipeFields } from './schema';

const BOARDS = ['stock', 'boards'];

export function useBoards() {
  return useQuery({ queryKey: BOARDS, queryFn: () => body(api.GET('/api/stock/boards')) });
}

/** Writes to the stock. A board called otherwise is so in every record, and what is known of a wood may say more of it. */
export function useStockWrites() {
  const client = useQueryClient();
  const known = (kept: BoardView) => {
    const boards = client.getQueryData<BoardView[]>(BOARDS) ?? [];
    const before = boards.find(({ id }) => id === kept.id);
    client.setQueryData(BOARDS, before ? boards.map((board) => (board.id === kept.id ? kept : board)) : [...boards, kept]);
    if (before && before.board.name !== kept.board.name) void client.invalidateQueries();
  };
  const all = () => client.invalidateQueries({ queryKey: BOARDS });
  const lay = useMutation({ mutationFn: (board: BoardFields) => body(api.POST('/api/stock/boards', { body: board })), onSuccess: known });
  const change = useMutation({
    mutationFn: ({ id, version, board }: { id: number; version: number; board: BoardFields }) =>
      body(api.PUT('/api/stock/boards/{id}', { params: { path: { id }, query: { version } }, body: board })),
    onSuccess: known,
    onError: all,
  });
  const takeOut = useMutation({
    mutationFn: ({ id, version }: { id: number; version: number }) =>
      body(api.DELETE('/api/stock/boards/{id}', { params: { path: { id }, query: { version } } })),
    onSuccess: all,
  });
  const putBack = useMutation({
    mutationFn: (id: number) => body(api.POST('/api/stock/boards/{id}/restoration', { params: { path: { id } } })),
    onSuccess: all,
  });
  return { lay, change, takeOut, putBack };
}

/** What the blanks on a board are worth where they lie, for a planned bend or for none. It carries what was asked. */
export function useLayout(board: BoardFields, recipe: RecipeFields | undefined) {
  const [system] = useUnits();
  const marks = MARKS[system];
  return useQuery({
    // the odds change with the records, like every forecast
    queryKey: ['forecast', 'layout', board, recipe, system],
    queryFn: async () => ({ asked: board, ...(await body(api.POST('/api/stock/layout', { body: recipe ? { board, recipe, marks } : { board, marks } }))) }),
    placeholderData: keepPreviousData,
    // a place something was dragged over is not asked about again
    gcTime: 10_000,
    retry: false,
  });
}

/** Where blanks for a bend lie best beside those that stay. */
export function useProposal() {
  const [system] = useUnits();
  return useMutation({
    mutationFn: (asked: { board: BoardFields; recipe: RecipeFields; name: string; wanted: number; jobId?: number }) => body(api.POST('/api/stock/proposal', { body: { ...asked, marks: MARKS[system] } })),
  });
}
