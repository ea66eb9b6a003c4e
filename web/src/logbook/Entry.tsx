import { Box, Typography } from '@mui/material';
import type { TrialView } from '../api/schema';
import { PieceGlyph } from '../bend/PieceGlyph';
import type { LogbookEntry } from './words';

interface EntryProps {
  trial: TrialView;
  wood: string;
  /** The words it stands on paper in. */
  says: LogbookEntry;
  /** Whether it has a page to itself. */
  card?: boolean;
}

/** One record as it stands on paper: drawn, with its day, how it ended and everything it says, below the heading that begins with it. */
export function Entry({ trial: { recipe, outcome }, wood, says: { heading, title, day, facts }, card = false }: EntryProps) {
  return (
    <>
      {heading !== undefined && <Typography variant="h2" sx={{ mt: 2, mb: 0.5 }}>{heading}</Typography>}
      <Box component="article" aria-label={`${wood}, ${day}`}
        sx={{ display: 'grid', gridTemplateColumns: card ? '1fr' : '76px 1fr', columnGap: 1.5, py: 1, borderTop: 1, borderColor: 'divider', '& svg': card ? { width: 300, height: 230, mx: 'auto' } : {} }}>
        <PieceGlyph recipe={recipe} severity={outcome.severity} flaw={outcome.flaw} />
        <Box sx={{ minWidth: 0 }}>
          <Typography component="p" sx={{ fontWeight: 650, fontSize: card ? '1.4rem' : '1rem' }}>{title}</Typography>
          <Typography component="p" variant="body2">{day}</Typography>
          <Box component="dl" sx={{ m: 0, display: 'grid', gridTemplateColumns: '76px minmax(0, 1fr)', columnGap: 1, fontSize: card ? '1rem' : '0.82rem', lineHeight: 1.35 }}>
            {facts.map(({ term, text }) => (
              <Box key={`${term} ${text}`} sx={{ display: 'contents' }}>
                <Box component="dt" sx={{ color: 'text.secondary' }}>{term}</Box>
                <Box component="dd" sx={{ m: 0, overflowWrap: 'anywhere', whiteSpace: 'pre-line' }}>{text}</Box>
              </Box>
            ))}
          </Box>
        </Box>
      </Box>
    </>
  );
}
