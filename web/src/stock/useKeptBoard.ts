import { useEffect, useState } from 'react';
import { useStockWrites } from '../api/stock';
import type { BoardFields, BoardView } from '../api/schema';
import { useNotice } from '../app/notice';

/** A board as the person has it, kept on the server after each change; what is refused is put back, and said. */
export function useKeptBoard(view: BoardView): { board: BoardFields; change: (board: BoardFields) => void; keeping: boolean } {
  const { change: write } = useStockWrites();
  const notify = useNotice();
  const [wanted, setWanted] = useState<BoardFields>();
  const { mutate, isPending } = write;
  const { id, version } = view;
  useEffect(() => {
    if (!wanted || isPending) return;
    mutate({ id, version, board: wanted }, {
      onSuccess: () => { setWanted((now) => (now === wanted ? undefined : now)); },
      onError: (error) => {
        setWanted(undefined);
        notify({ message: error.message });
      },
    });
    // what changes while one is written is written after it
  }, [wanted, isPending, mutate, id, version, notify]);
  return { board: wanted ?? view.board, change: setWanted, keeping: wanted !== undefined };
}
