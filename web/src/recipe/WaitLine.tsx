import { Typography } from '@mui/material';
import type { ReactNode } from 'react';
import type { RecipeState } from './useRecipe';

interface WaitLineProps {
  state: RecipeState;
  /** What stands there while the answer is the answer to what is typed. */
  children?: ReactNode;
}

/** One line that always keeps its place: what the answer is of, or what it still waits for. */
export function WaitLine({ state, children }: WaitLineProps) {
  const problem = Object.values(state.problems)[0] ?? state.failure;
  return (
    <Typography variant="body2" noWrap role="status" title={problem}
      // as wide as what it stands in, however long it is
      sx={{ width: 0, minWidth: '100%', height: '1.6em', mt: 0.5, color: problem ? 'error.main' : 'text.secondary' }}>
      {state.current ? children : problem ? `Waits: ${problem}` : 'Working it out …'}
    </Typography>
  );
}
