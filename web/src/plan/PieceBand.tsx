import { Box, Paper } from '@mui/material';
import { Dimmed } from '../app/Dimmed';
import { useOnPhone } from '../app/phone';
import { BAR_HEIGHT } from '../app/Shell';
import { useUnits } from '../app/units';
import { BendDrawing } from '../bend/BendDrawing';
import { Limits, OddsInShort, OddsPanel } from '../odds/OddsPanel';
import type { RecipeState } from '../recipe/useRecipe';
import { shapeLine } from '../recipe/words';
import { WaitLine } from '../recipe/WaitLine';

/** The piece drawn and the odds of it; they stay in sight while a value is changed. */
export function PieceBand({ state }: { state: RecipeState }) {
  const [system] = useUnits();
  const onPhone = useOnPhone();
  const { answer, current } = state;
  return (
    <Box sx={onPhone ? HANGING : BAND}>
      <Box sx={{ minWidth: 0, ...(onPhone && SIDE_BY_SIDE) }}>
        <Dimmed old={!current}>
          <Paper sx={{ p: { xs: 0.5, sm: 1.5 }, height: onPhone ? 136 : 324 }}>
            {answer && <BendDrawing recipe={answer.recipe} section={answer.forecast.section} sheet={answer.forecast.sheet} lettering={onPhone ? 2.3 : 1} />}
          </Paper>
        </Dimmed>
        {onPhone && <Dimmed old={!current}>{answer && <OddsInShort answer={answer.forecast} />}</Dimmed>}
        <WaitLine state={state}>{answer && shapeLine(answer.recipe, system)}</WaitLine>
        {!onPhone && <Dimmed old={!current} sx={{ mt: 1 }}>{answer && <Limits {...answer} />}</Dimmed>}
      </Box>
      {!onPhone && <Dimmed old={!current}>{answer && <OddsPanel {...answer} limits={false} />}</Dimmed>}
    </Box>
  );
}

/** Room for the drawing and for the odds with their reasons, so that nothing below moves when they come. */
const BAND = { display: 'grid', gap: 2, gridTemplateColumns: { sm: 'minmax(0, 1fr) 320px' }, minHeight: { sm: 516 }, alignItems: 'start', mb: 1 } as const;
const SIDE_BY_SIDE = { display: 'grid', columnGap: 1, gridTemplateColumns: '1.2fr 1fr', alignItems: 'center', '& > p': { gridColumn: '1 / -1' } } as const;
/** On a phone they hang under the bar at the top while the recipe is changed beneath. */
const HANGING = { position: 'sticky', top: BAR_HEIGHT, zIndex: 5, bgcolor: 'background.default', mx: -1.5, px: 1.5, pb: 0.25 } as const;
