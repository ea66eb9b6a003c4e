import { Box, ButtonBase, Popover, Typography } from '@mui/material';
import { useState } from 'react';
import { TERMS, type TermName } from './terms';

/** A tap explains a term of the trade where it stands. */
export function Help({ of }: { of: TermName }) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const term = TERMS[of];
  return (
    <>
      <ButtonBase aria-label={`What is this: ${term.title}?`} aria-haspopup="dialog" onClick={(event) => { setAnchor(event.currentTarget); }} sx={MARK}>
        ?
      </ButtonBase>
      {anchor && (
        <Popover open anchorEl={anchor} onClose={() => { setAnchor(null); }} anchorOrigin={{ vertical: 'bottom', horizontal: 'left' }}
          slotProps={{ paper: { role: 'dialog', 'aria-label': term.title } }}>
          <Box sx={{ p: 2, maxWidth: 340 }}>
            <Typography variant="h3">{term.title}</Typography>
            {'picture' in term && term.picture}
            <Typography variant="body2">{term.words}</Typography>
          </Box>
        </Popover>
      )}
    </>
  );
}

const MARK = {
  width: 24, height: 24, borderRadius: '50%', fontSize: '0.85rem', fontWeight: 650, color: 'text.secondary', flexShrink: 0,
  border: 1, borderColor: 'divider', '&:hover': { bgcolor: 'action.hover' },
} as const;
