import { useEffect, useState } from 'react';
import { useStockWrites } from '../api/stock';
import type { BoardFields, BoardView } from '../api/schema';
import { useNotice } from '../app/notice';

interface Kept {
  board: BoardFields;
  version: number;
}

/** A board as the person has it, kept on the server after each change, one after another; what is refused is put back, and said. */
export function useKeptBoard(view: BoardView): { board: BoardFields; change: (board: BoardFields) => void } {
  const { change: write } = useStockWrites();
  const notify = useNotice();
  const [wanted, setWanted] = useState<BoardFields>();
  const [kept, setKept] = useState<Kept>();
  const { mutate, isPending } = write;
  const { id } = view;
  // the list of boards may be heard of a moment later than the answer to the write
  const version = Math.max(view.version, kept?.version ?? 0);
  const unkept = wanted !== undefined && wanted !== kept?.board;
  useEffect(() => {
    if (!unkept || isPending) return;
    mutate({ id, version, board: wanted }, {
      onSuccess: (now) => { setKept({ board: wanted, version: now.version }); },
      onError: (error) => {
        setWanted(undefined);
        notify({ message: error.message });
      },
    });
  }, [unkept, isPending, wanted, mutate, id, version, notify]);
  return { board: unkept || (kept && view.version < kept.version) ? (wanted ?? view.board) : view.board, change: setWanted };
}
