import { Box, Typography } from '@mui/material';
import type { LeftRow } from '../api/schema';
import { rowInWords } from './words';

/** A row that cannot be read: its line, the cells at fault and what is wrong with each. */
export function UnreadRow({ row }: { row: LeftRow }) {
  return (
    <Box component="li" sx={{ bgcolor: 'background.paper', p: 1.5, display: 'flex', gap: 2 }}>
      <Typography variant="body2" color="textSecondary" noWrap sx={{ width: 64, flexShrink: 0 }}>line {row.line}</Typography>
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 0.5 }}>
        {row.faults.map((fault) => (
          <Typography key={fault.heading + fault.message} component="li" variant="body2">
            {fault.heading && <Box component="strong">{fault.heading}: </Box>}
            {fault.message}
          </Typography>
        ))}
        <Typography component="li" variant="body2" color="textSecondary">{rowInWords(row)}</Typography>
      </Box>
    </Box>
  );
}
