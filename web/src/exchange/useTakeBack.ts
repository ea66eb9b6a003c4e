import { useExchangeWrites } from '../api/exchange';
import { useNotice } from '../app/notice';

/** Takes back what a table brought in, and offers to bring it back. */
export function useTakeBack() {
  const { takeBack, bringBack } = useExchangeWrites();
  const notify = useNotice();
  const failed = (error: Error) => { notify({ message: error.message }); };
  const take = (table: number, fileName: string) => {
    takeBack.mutate(table, {
      onError: failed,
      onSuccess: () => { notify({ message: `${fileName} is taken back.`, undo: () => { bringBack.mutate(table, { onError: failed }); } }); },
    });
  };
  return { take, busy: takeBack.isPending };
}
