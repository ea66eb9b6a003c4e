import { useCallback, useEffect, useRef, useState } from 'react';
import { useStockWrites } from '../api/stock';
import type { BoardFields, BoardView } from '../api/schema';
import { useNotice } from '../app/notice';

interface Kept {
  board: BoardFields;
  version: number;
}

/**
 * A board as the person has it, kept on the server after each change, one after another, even when they have left the page meanwhile;
 * what is refused is put back, and said.
 */
export function useKeptBoard(view: BoardView): { board: BoardFields; change: (board: BoardFields) => void } {
  const { change: write } = useStockWrites();
  const notify = useNotice();
  const [wanted, setWanted] = useState<BoardFields>();
  const [kept, setKept] = useState<Kept>();
  const { mutateAsync } = write;
  const { id, version } = view;
  // what the writing goes by, whatever the page shows at the moment
  const last = useRef<{ wanted?: BoardFields | undefined; kept?: Kept; seen: number; writing: boolean }>({ seen: version, writing: false });
  useEffect(() => { last.current.seen = version; }, [version]);
  const change = useCallback((board: BoardFields) => {
    setWanted(board);
    last.current.wanted = board;
    if (!last.current.writing) void writeOn();

    async function writeOn() {
      const at = last.current;
      at.writing = true;
      while (at.wanted && at.wanted !== at.kept?.board) {
        const next = at.wanted;
        try {
          // the list of boards may be heard of a moment later than the answer to the write
          const now = await mutateAsync({ id, version: Math.max(at.seen, at.kept?.version ?? 0), board: next });
          at.kept = { board: next, version: now.version };
          setKept(at.kept);
        } catch (error) {
          at.wanted = undefined;
          setWanted(undefined);
          notify({ message: (error as Error).message });
        }
      }
      at.writing = false;
    }
  }, [id, mutateAsync, notify]);
  const unkept = wanted !== undefined && wanted !== kept?.board;
  return { board: unkept || (kept && version < kept.version) ? (wanted ?? view.board) : view.board, change };
}
