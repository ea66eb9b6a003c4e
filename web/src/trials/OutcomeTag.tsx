import { Box, Typography } from '@mui/material';
import type { OutcomeFields } from '../api/schema';
import { outcomeLine, type Severity } from './words';

const COLOUR: Record<Severity, string> = { CLEAN: 'data.clean', FLAW: 'data.flaw', BROKEN: 'data.broken' };

const SHAPE: Record<Severity, string> = {
  CLEAN: 'M2 11V7a5 5 0 0 1 10 0v4',
  FLAW: 'M2 11V7a5 5 0 0 1 4 -4.9M8 2.1a5 5 0 0 1 4 4.9v4',
  BROKEN: 'M2 11V6l4 -4M7.5 5.5l4.5 2v3.5',
};

/** How a trial ended: a shape, a colour and words, so that none of them carries it alone. */
export function OutcomeTag({ outcome }: { outcome: OutcomeFields }) {
  return (
    <Typography component="span" variant="body2" sx={{ color: COLOUR[outcome.severity], fontWeight: 620, display: 'inline-block' }}>
      <Box component="svg" viewBox="0 0 14 12" aria-hidden sx={{ width: 16, height: 14, mr: 0.5, verticalAlign: '-2px' }}>
        <path d={SHAPE[outcome.severity]} fill="none" stroke="currentColor" strokeWidth={2.2} />
      </Box>
      {outcomeLine(outcome)}
    </Typography>
  );
}
