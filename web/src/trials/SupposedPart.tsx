import { Box, Chip, Typography } from '@mui/material';
import { SUPPOSED, type Supposed } from './supposed';

/** What nobody wrote down of a record, each to be taken off once it is known. */
export function SupposedPart({ supposed, onKnown }: { supposed: Supposed[]; onKnown: (known: Supposed) => void }) {
  if (supposed.length === 0) return null;
  return (
    <Box component="section" aria-label="Nobody wrote down" sx={{ mb: 2 }}>
      <Typography variant="body2" color="textSecondary" gutterBottom>
        Nobody wrote these down, so they are supposed as usual and forecasts count with what they could have been. Correct one below, or take it off if it is right as it stands.
      </Typography>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        {supposed.map((each) => <Chip key={each} label={SUPPOSED[each]} onDelete={() => { onKnown(each); }} slotProps={{ root: { 'aria-label': `${SUPPOSED[each]}: right as it stands` } }} />)}
      </Box>
    </Box>
  );
}
