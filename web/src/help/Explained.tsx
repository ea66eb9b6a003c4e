import { Box, Popover, Typography } from '@mui/material';
import { TERMS } from './terms';
import { TITLES, type TermName } from './titles';

/** What a term means, drawn where a drawing says it better. */
export default function Explained({ of, anchor, onClose }: { of: TermName; anchor: HTMLElement; onClose: () => void }) {
  const { picture, words } = TERMS[of];
  return (
    <Popover open anchorEl={anchor} onClose={onClose} anchorOrigin={{ vertical: 'bottom', horizontal: 'left' }}
      slotProps={{ paper: { role: 'dialog', 'aria-label': TITLES[of] } }}>
      <Box sx={{ p: 2, maxWidth: 340 }}>
        <Typography variant="h3">{TITLES[of]}</Typography>
        {picture}
        <Typography variant="body2">{words}</Typography>
      </Box>
    </Popover>
  );
}
