import { Typography } from '@mui/material';
import { useLocation, useNavigate } from 'react-router';
import { useStockWrites } from '../api/stock';
import { useStored } from '../app/storage';
import { BoardInputs } from './BoardInputs';
import { EMPTY_BOARD, type BoardForm } from './draft';

const DRAFT = 'brachion.board';

/** Lays a board in; one the records know keeps its name. */
export function NewBoard() {
  const { state } = useLocation() as { state: { name?: string } | null };
  const [kept, setForm] = useStored<Partial<BoardForm>>(DRAFT, {});
  const navigate = useNavigate();
  const { lay } = useStockWrites();
  const form = { ...EMPTY_BOARD, ...kept, ...(state?.name && !kept.name ? { name: state.name } : {}) };
  return (
    <>
      <Typography variant="h1" sx={{ mb: 2 }}>Add a board</Typography>
      <BoardInputs form={form} onChange={setForm} on={{ marks: [], readings: [], blanks: [] }} keep="Lay it in" onLeave={() => { void navigate('/stock'); }}
        onKeep={async (board) => {
          const { id } = await lay.mutateAsync(board);
          // wood and saw are mostly those of the next board, too
          setForm({ speciesId: form.speciesId, seasoning: form.seasoning, kerf: form.kerf });
          await navigate(`/stock/${id}`);
        }} />
    </>
  );
}
