import { Alert, Box, Button, Paper, Typography } from '@mui/material';
import { Link as RouterLink } from 'react-router';
import { useNames, useSpecies } from '../api/queries';
import { useBoards } from '../api/stock';
import type { BoardView } from '../api/schema';
import { useUnits } from '../app/units';
import { woodName } from '../recipe/woodNames';
import { many } from '../units/number';
import { BoardDrawing } from './BoardDrawing';
import { blanksInWords, boardLine, moistureLine } from './words';

/** The boards there are, each drawn with what is marked and laid on it. */
export function StockView() {
  const { data: boards, error } = useBoards();
  // the name of the wood would lengthen a line that is read already
  const { data: species } = useSpecies();
  const longestMm = Math.max(...(boards ?? []).map(({ board }) => board.lengthMm));
  return (
    <>
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 2, mb: 2 }}>
        <Typography variant="h1" sx={{ flexGrow: 1 }}>Stock</Typography>
        <Button component={RouterLink} to="/stock/new" variant="contained">Add a board</Button>
      </Box>
      {error && <Alert severity="error">{error.message}</Alert>}
      {boards?.length === 0 && (
        <Typography sx={{ py: 6, textAlign: 'center' }}>
          No board lies here yet. Lay one in, mark its knots and checks, and see where the blanks for a bend lie best.
        </Typography>
      )}
      <Box component="ul" aria-label="Boards" sx={{ listStyle: 'none', p: 0, m: 0, display: 'grid', gap: 2 }}>
        {species && boards?.map((view) => <BoardInStock key={view.id} view={view} wood={woodName(species, view.board.speciesId)} longestMm={longestMm} />)}
      </Box>
      {species && boards && <OnlyInRecords boards={boards} />}
    </>
  );
}

/** All boards are drawn to one scale. */
function BoardInStock({ view: { id, board, moisture, leftShare }, wood, longestMm }: { view: BoardView; wood: string; longestMm: number }) {
  const [system] = useUnits();
  const laid = board.blanks.length === 0 ? 'nothing laid out' : `${blanksInWords(board)}, ${Math.round(leftShare * 100)} % left`;
  return (
    <Paper component="li" sx={{ p: 2, border: 1, borderColor: 'divider' }}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 2, alignItems: 'baseline', mb: 1 }}>
        <Typography variant="h2" sx={{ flexGrow: 1 }}>
          <Box component={RouterLink} to={`/stock/${id}`} sx={{ color: 'primary.main', display: 'inline-block', py: 0.75 }}>{board.name}</Box>
        </Typography>
        <Typography variant="body2" color="textSecondary">
          {wood}, {boardLine(board, system)}; {moistureLine(moisture)}{board.place ? `; ${board.place}` : ''}; {laid}
        </Typography>
      </Box>
      <Box sx={{ width: { sm: `${(100 * board.lengthMm) / longestMm}%` } }}>
        <BoardDrawing board={board} />
      </Box>
    </Paper>
  );
}

/** Boards the records name that nobody has described yet. */
function OnlyInRecords({ boards }: { boards: BoardView[] }) {
  const { data: names } = useNames();
  const described = new Set(boards.map(({ board }) => board.name));
  const named = names?.boards.filter(({ name }) => !described.has(name)) ?? [];
  if (named.length === 0) return null;
  return (
    <Box component="section" aria-label="Known from the records" sx={{ mt: 3 }}>
      <Typography variant="h2" gutterBottom>Known from the records</Typography>
      <Typography color="textSecondary" sx={{ mb: 1, maxWidth: '70ch' }}>
        Pieces were bent from these boards. One that still lies in the shop can be laid in under its name.
      </Typography>
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0, display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        {named.map(({ id, name, trials }) => (
          <li key={id}>
            <Button component={RouterLink} to="/stock/new" state={{ name }} variant="outlined" sx={{ minHeight: 40 }}>
              {name} ({many(trials, 'piece', 'pieces')})
            </Button>
          </li>
        ))}
      </Box>
    </Box>
  );
}
