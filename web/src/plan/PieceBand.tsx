import { Box, Paper, Typography } from '@mui/material';
import { Dimmed } from '../app/Dimmed';
import { BAR_HEIGHT } from '../app/Shell';
import { useUnits } from '../app/units';
import { BendDrawing } from '../bend/BendDrawing';
import { Limits, OddsInShort } from '../odds/OddsPanel';
import type { RecipeState } from '../recipe/useRecipe';
import { shapeLine } from '../recipe/words';

/** The piece drawn, to scale, in a room of a fixed height [px]. */
export function PieceDrawn({ state, height, lettering = 1 }: { state: RecipeState; height: number; lettering?: number }) {
  const { answer, current } = state;
  return (
    <Dimmed old={!current}>
      <Paper sx={{ p: { xs: 0.5, sm: 1.5 }, height }}>
        {answer && <BendDrawing recipe={answer.recipe} section={answer.forecast.section} sheet={answer.forecast.sheet} lettering={lettering} />}
      </Paper>
    </Dimmed>
  );
}

/** On a phone: the piece and its odds hang under the bar at the top while the recipe is changed beneath. */
export function HangingPiece({ state }: { state: RecipeState }) {
  const { answer, current } = state;
  return (
    <Box sx={HANGING}>
      <PieceDrawn state={state} height={136} lettering={2.3} />
      <Dimmed old={!current}>{answer && <OddsInShort answer={answer.forecast} />}</Dimmed>
    </Box>
  );
}

/** At the edge of a part: the piece small, its odds and what limits it. */
export function PieceAtTheEdge({ state }: { state: RecipeState }) {
  const [system] = useUnits();
  const { answer, current } = state;
  return (
    <Box component="aside" aria-label="The bend" sx={AT_THE_EDGE}>
      <PieceDrawn state={state} height={170} lettering={1.9} />
      <Dimmed old={!current} sx={{ display: 'grid', gap: 1 }}>
        {answer && <Typography variant="body2" color="textSecondary">{shapeLine(answer.recipe, system)}</Typography>}
        {answer && (
          <section aria-label="Odds">
            <OddsInShort answer={answer.forecast} />
            <Limits {...answer} />
          </section>
        )}
      </Dimmed>
    </Box>
  );
}

const HANGING = {
  position: 'sticky', top: BAR_HEIGHT, zIndex: 5, bgcolor: 'background.default', mx: -1.5, px: 1.5, py: 0.5,
  display: 'grid', columnGap: 1, gridTemplateColumns: '1.2fr 1fr', alignItems: 'center', '& > *': { minWidth: 0 },
} as const;
const AT_THE_EDGE = { display: 'grid', gap: 1.25, position: { md: 'sticky' }, top: BAR_HEIGHT + 12, minWidth: 0 } as const;
