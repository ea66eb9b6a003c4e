import { Box, Typography } from '@mui/material';
import type { TrialView } from '../api/schema';
import type { UnitSystem } from '../app/units';
import { PieceGlyph } from '../bend/PieceGlyph';
import { factsInWords } from '../trials/facts';
import { outcomeLine } from '../trials/words';
import { printDay } from '../units/days';

interface EntryProps {
  trial: TrialView;
  wood: string;
  system: UnitSystem;
  /** Whether it has a page to itself. */
  card: boolean;
}

/** One record on paper: drawn, with its day, how it ended and everything it says; never parted over two pages. */
export function Entry({ trial, wood, system, card }: EntryProps) {
  const { recipe, outcome } = trial;
  return (
    <Box component="article" aria-label={`${wood}, ${printDay(trial.bentOn)}`}
      sx={{ display: 'grid', gridTemplateColumns: card ? '1fr' : '76px 1fr', columnGap: 1.5, py: 1, borderTop: 1, borderColor: 'divider', breakInside: 'avoid', '& svg': card ? { width: 300, height: 230, mx: 'auto' } : {} }}>
      <PieceGlyph recipe={recipe} severity={outcome.severity} flaw={outcome.flaw} />
      <Box sx={{ minWidth: 0 }}>
        <Typography component="p" sx={{ fontWeight: 650, fontSize: card ? '1.4rem' : '1rem' }}>{wood}, {outcomeLine(outcome)}</Typography>
        <Typography component="p" variant="body2">{printDay(trial.bentOn)}</Typography>
        <Box component="dl" sx={{ m: 0, display: 'grid', gridTemplateColumns: '76px minmax(0, 1fr)', columnGap: 1, fontSize: card ? '1rem' : '0.82rem', lineHeight: 1.35 }}>
          {factsInWords(trial, undefined, system).map(([term, text]) => (
            <Box key={`${term} ${text}`} sx={{ display: 'contents' }}>
              <Box component="dt" sx={{ color: 'text.secondary' }}>{term}</Box>
              <Box component="dd" sx={{ m: 0, overflowWrap: 'anywhere', whiteSpace: 'pre-line' }}>{text}</Box>
            </Box>
          ))}
        </Box>
      </Box>
    </Box>
  );
}
