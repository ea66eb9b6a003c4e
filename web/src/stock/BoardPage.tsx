import { Box, Button, Typography } from '@mui/material';
import { memo, useCallback, useMemo, useState } from 'react';
import { Link as RouterLink, useNavigate, useParams } from 'react-router';
import { useBoards, useStockWrites } from '../api/stock';
import type { BoardFields, BoardView, LayoutReading, MarkFields, RecipeFields } from '../api/schema';
import { useNotice } from '../app/notice';
import { useUnits } from '../app/units';
import { PhotosOf } from '../photo/PhotosOf';
import { useWoodName } from '../recipe/woodNames';
import { BoardDrawing } from './BoardDrawing';
import { BoardInputs } from './BoardInputs';
import { Chosen } from './Chosen';
import { CutList } from './CutList';
import { formOf } from './draft';
import { ForTheBend } from './ForTheBend';
import { withChanged, type Spot, type Thing } from './geometry';
import { MoistureReadings } from './MoistureReadings';
import { useKeptBoard } from './useKeptBoard';
import { useLatestLayout } from './useLatestLayout';
import { usePlanned } from './usePlanned';
import { boardLine, MARK, moistureLine } from './words';

/** One board: drawn with what is marked and laid on it, the blanks for the planned bend, how wet it is. */
export function BoardPage() {
  const id = Number(useParams().id);
  const { data: boards, error } = useBoards();
  const view = boards?.find((board) => board.id === id);
  if (error) return <Typography role="alert">{error.message}</Typography>;
  if (!boards) return null;
  if (!view) return <Typography>This board is not in stock. <RouterLink to="/stock">All boards</RouterLink></Typography>;
  return <OneBoard key={view.id} view={view} />;
}

function OneBoard({ view }: { view: BoardView }) {
  const [system] = useUnits();
  const { board: kept, change } = useKeptBoard(view);
  const [moving, setMoving] = useState<{ thing: Thing; to: Spot }>();
  const [chosen, setChosen] = useState<Thing>();
  const { answer } = usePlanned();
  const board = useMemo(() => (moving ? withChanged(kept, moving.thing, moving.to) : kept), [kept, moving]);
  const { layout, old } = useLatestLayout(board, answer?.recipe);
  const chooseBlank = useCallback((index: number) => { setChosen({ what: 'blanks', index }); }, []);
  const cut = useCallback((index: number, sawn: boolean) => { change(withChanged(kept, { what: 'blanks', index }, { cut: sawn })); }, [change, kept]);
  const wood = useWoodName()(board.speciesId);
  const fits = layout?.asked.blanks.length === board.blanks.length ? layout : undefined;
  return (
    <>
      <Heading view={view} board={kept} line={`${wood}, ${boardLine(board, system)}; ${moistureLine(view.moisture)}${board.place ? `; ${board.place}` : ''}`} />
      <BoardDrawing board={board} readings={fits?.blanks} old={old} leastPx={72}
        handling={{
          chosen,
          onChoose: setChosen,
          onMove: (thing, to, letGo) => {
            setMoving(letGo ? undefined : { thing, to });
            if (letGo) change(withChanged(kept, thing, to));
          },
        }} />
      <OnTheBoard board={kept} chosen={chosen} onChoose={setChosen} onChange={change} />
      <Box sx={{ display: 'grid', gap: 3, gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) 380px' }, alignItems: 'start', mt: 1 }}>
        <Box sx={{ minWidth: 0, display: 'grid', gap: 3 }}>
          <CutList board={board} stockId={view.id} layout={fits} old={old} onChoose={chooseBlank} onCut={cut} />
          <PhotosOf subject={{ board: view.id }} />
        </Box>
        <Beside board={kept} view={view} recipe={answer?.recipe} size={layout?.size} onChange={change} />
      </Box>
    </>
  );
}

interface OnTheBoardProps {
  board: BoardFields;
  chosen: Thing | undefined;
  onChoose: (thing: Thing | undefined) => void;
  onChange: (board: BoardFields) => void;
}

/** What can be marked, and what is chosen. */
const OnTheBoard = memo(function OnTheBoard({ board, chosen, onChoose, onChange }: OnTheBoardProps) {
  const notify = useNotice();
  return (
    <>
      <MarkTray onMark={(kind) => {
        onChange({ ...board, marks: [...board.marks, usualMark(kind, board.lengthMm, board.widthMm)] });
        onChoose({ what: 'marks', index: board.marks.length });
      }} />
      {chosen && board[chosen.what][chosen.index] ? (
        <Chosen board={board} thing={chosen} onChange={onChange}
          onRemove={(less) => {
            onChange(less);
            onChoose(undefined);
            notify({ message: 'Taken off.', undo: () => { onChange(board); } });
          }} />
      ) : (
        <Typography color="textSecondary" sx={{ minHeight: 132 }}>
          Choose a blank or a mark on the board to see where it lies. Drag it, or move it with the arrow keys.
        </Typography>
      )}
    </>
  );
});

interface BesideProps {
  board: BoardFields;
  view: BoardView;
  recipe: RecipeFields | undefined;
  size: LayoutReading['size'];
  onChange: (board: BoardFields) => void;
}

/** What stays as it is while something is dragged. */
const Beside = memo(function Beside({ board, view, recipe, size, onChange }: BesideProps) {
  return (
    <Box sx={{ display: 'grid', gap: 2 }}>
      <ForTheBend board={board} recipe={recipe} size={size} onChange={onChange} />
      <MoistureReadings board={board} moisture={view.moisture} onChange={onChange} />
    </Box>
  );
}, (before, now) => before.board === now.board && before.view === now.view && before.recipe === now.recipe && before.onChange === now.onChange
  && JSON.stringify(before.size) === JSON.stringify(now.size));

interface HeadingProps {
  view: BoardView;
  board: BoardFields;
  line: string;
}

const Heading = memo(function Heading({ view, board, line }: HeadingProps) {
  const [system] = useUnits();
  const [form, setForm] = useState<ReturnType<typeof formOf>>();
  const { change, takeOut, putBack } = useStockWrites();
  const navigate = useNavigate();
  const notify = useNotice();
  const remove = () => takeOut.mutateAsync({ id: view.id, version: view.version })
    .then(() => navigate('/stock'))
    .then(() => { notify({ message: `${board.name} taken out of the stock.`, undo: () => { putBack.mutate(view.id); } }); })
    .catch((error: Error) => { notify({ message: error.message }); });
  return (
    <>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', columnGap: 1 }}>
        <Typography variant="h1" sx={{ flexGrow: 1 }}>{board.name}</Typography>
        <Button component={RouterLink} to="/stock">All boards</Button>
        <Button onClick={() => { setForm(form ? undefined : formOf(board, system)); }}>Change the board</Button>
        <Button color="error" loading={takeOut.isPending} onClick={() => { void remove(); }}>Take it out</Button>
      </Box>
      <Typography color="textSecondary" sx={{ mb: 1.5 }}>{line}</Typography>
      {form && (
        <BoardInputs form={form} onChange={setForm} on={board} keep="Save" onLeave={() => { setForm(undefined); }}
          onKeep={async (changed) => {
            await change.mutateAsync({ id: view.id, version: view.version, board: changed });
            setForm(undefined);
          }} />
      )}
    </>
  );
});

/** What can be marked, each a tap away. */
function MarkTray({ onMark }: { onMark: (kind: MarkFields['kind']) => void }) {
  return (
    <Box role="group" aria-label="Mark something" sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 1, my: 1 }}>
      <Typography variant="body2">Mark on it:</Typography>
      {(Object.keys(MARK) as MarkFields['kind'][]).map((kind) => (
        <Button key={kind} size="small" variant="outlined" sx={{ minHeight: 40 }} onClick={() => { onMark(kind); }}>{MARK[kind]}</Button>
      ))}
    </Box>
  );
}

/** A mark of a usual size in the middle of a board; it is dragged and sized from there [mm]. */
const USUAL: Record<MarkFields['kind'], [number, number]> = {
  KNOT: [25.4, 25.4], WILD_GRAIN: [203.2, 50.8], WORM: [25.4, 12.7], CHECK: [152.4, 6.35], BARK: [304.8, 25.4], SAPWOOD: [609.6, 25.4],
};

function usualMark(kind: MarkFields['kind'], boardLengthMm: number, boardWidthMm: number): MarkFields {
  const [length, width] = USUAL[kind];
  const lengthMm = Math.min(length, boardLengthMm);
  const widthMm = Math.min(width, boardWidthMm);
  return { kind, lengthMm, widthMm, alongMm: (boardLengthMm - lengthMm) / 2, acrossMm: (boardWidthMm - widthMm) / 2 };
}
