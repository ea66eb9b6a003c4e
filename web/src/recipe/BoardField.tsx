import { Autocomplete } from '@mui/material';
import { useNames } from '../api/queries';
import { useBoards } from '../api/stock';
import type { BoardView } from '../api/schema';
import { Field } from '../app/Field';
import { useNotice } from '../app/notice';
import type { RecipeInputsProps } from './fields';
import type { RecipeForm } from './form';

/** Which board it is cut from; one that lies in stock brings its wood, its last moisture and its grain along. */
export function BoardField({ form, problems, onChange }: RecipeInputsProps) {
  const { data: names } = useNames();
  const { data: boards = [] } = useBoards();
  const notify = useNotice();
  const called = [...new Set([...boards.map(({ board }) => board.name), ...(names?.boards ?? []).map(({ name }) => name)])];
  const take = (name: string | null) => {
    const view = boards.find(({ board }) => board.name === name);
    if (!view) return;
    onChange(ofBoard(view));
    notify({ message: `Wood, moisture and grain are those of ${view.board.name}.`, undo: () => { onChange(form); } });
  };
  return (
    <Autocomplete
      freeSolo
      options={called}
      inputValue={form.board}
      onInputChange={(_, text, reason) => { if (reason === 'input' || reason === 'clear') onChange({ board: text }); }}
      onChange={(_, name) => {
        if (name !== null && !boards.some(({ board }) => board.name === name)) onChange({ board: name });
        take(name);
      }}
      renderInput={(params) => (
        <Field {...params} label="Board" error={problems.board !== undefined} helperText={problems.board ?? ' '} />
      )}
    />
  );
}

/** What a board in stock says of a piece cut from it, as it would be typed. */
export function ofBoard({ board, moisture }: BoardView): Partial<RecipeForm> {
  const last = moisture[moisture.length - 1];
  return {
    board: board.name, speciesId: board.speciesId, seasoning: board.seasoning, growthRings: board.growthRings, grainRun: board.grainRun?.toString() ?? '',
    moisture: last ? String(Number(last.percent.toFixed(1))) : '', ...(board.source ? { source: board.source } : {}),
  };
}
