import { Button } from '@mui/material';
import { useNotice } from './notice';

interface LetGoProps {
  /** What is kept under a name. */
  kept: { id: number; name: string };
  discard: (id: number) => Promise<unknown>;
  restore: (id: number) => Promise<unknown>;
}

/** Keeps something no longer, with a way back. */
export function LetGo({ kept: { id, name }, discard, restore }: LetGoProps) {
  const notify = useNotice();
  const failed = (error: Error) => { notify({ message: error.message }); };
  return (
    <Button size="small" onClick={() => {
      discard(id).then(() => { notify({ message: `“${name}” deleted.`, undo: () => { restore(id).catch(failed); } }); }).catch(failed);
    }}>Delete</Button>
  );
}
