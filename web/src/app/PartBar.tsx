import { Box } from '@mui/material';
import type { ReactNode } from 'react';
import { NavLink } from 'react-router';
import { NAV_LINK } from './navLink';

interface PartBarProps {
  label: string;
  parts: readonly { to: string; label: string }[];
  /** What can be done with all of it. */
  beside?: ReactNode;
}

/** The parts of a place, each with an address of its own. */
export function PartBar({ label, parts, beside }: PartBarProps) {
  return (
    <Box sx={{ display: 'flex', flexWrap: { xs: 'wrap', sm: 'nowrap' }, alignItems: 'center', gap: 1, pb: { xs: beside ? 1 : 0, sm: 0 }, borderBottom: 1, borderColor: 'divider', mb: 2 }}>
      <Box component="nav" aria-label={label} sx={{ display: 'flex', flexGrow: 1, minWidth: 0, overflowX: 'auto', scrollbarWidth: 'none', mb: '-1px' }}>
        {parts.map((part) => (
          <Box key={part.to} component={NavLink} to={part.to} end preventScrollReset sx={PART}>
            {part.label}
          </Box>
        ))}
      </Box>
      {beside}
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
