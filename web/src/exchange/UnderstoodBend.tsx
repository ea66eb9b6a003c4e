import { Box, Typography } from '@mui/material';
import type { TrialFields } from '../api/schema';
import { PieceGlyph } from '../bend/PieceGlyph';
import { say } from '../messages/exchange';
import { SaidRecipe } from '../sentence/SaidRecipe';
import { SUPPOSED } from '../trials/supposed';
import { Ending } from '../trials/TrialSummary';

/** A bend of somebody's table as it was understood: drawn, said as a sentence, with how it ended and what had to be guessed. */
export function UnderstoodBend({ trial: { recipe, outcome, bentOn, supposed = [] } }: { trial: TrialFields }) {
  return (
    <Box component="li" sx={ROW}>
      <PieceGlyph recipe={recipe} severity={outcome.severity} flaw={outcome.flaw} />
      <Box sx={{ flexGrow: 1, minWidth: 0 }}>
        <Typography variant="body2"><SaidRecipe recipe={recipe} /></Typography>
        {supposed.length > 0 && (
          <Typography variant="body2" sx={{ color: 'data.flaw' }}>{say('guessed', { what: supposed.map((each) => SUPPOSED[each]).join(', ') })}</Typography>
        )}
      </Box>
      <Ending outcome={outcome} bentOn={bentOn} />
    </Box>
  );
}

const ROW = { display: 'flex', alignItems: 'center', gap: 2, p: 1.5, bgcolor: 'background.paper' } as const;
