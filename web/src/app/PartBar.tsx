import { Box } from '@mui/material';
import { NavLink } from 'react-router';
import { NAV_LINK } from './navLink';

interface PartBarProps {
  label: string;
  parts: readonly { to: string; label: string }[];
}

/** The parts of a place, each with an address of its own. */
export function PartBar({ label, parts }: PartBarProps) {
  return (
    <Box component="nav" aria-label={label}
      sx={{ display: 'flex', overflowX: 'auto', scrollbarWidth: 'none', borderBottom: 1, borderColor: 'divider', mb: 2 }}>
      {parts.map((part) => (
        <Box key={part.to} component={NavLink} to={part.to} end preventScrollReset sx={PART}>
          {part.label}
        </Box>
      ))}
    </Box>
  );
}

const PART = {
  ...NAV_LINK,
  px: { xs: 1.25, sm: 1.75 },
  py: 1.25,
  color: 'text.secondary',
  borderBottom: '3px solid transparent',
  '&.active': { borderBottomColor: 'data.stretch', color: 'text.primary' },
} as const;
