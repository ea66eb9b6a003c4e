import { Box } from '@mui/material';
import { useState, type ReactNode } from 'react';

interface FoldProps {
  /** Whether it is folded away at all: where there is room it stands open. */
  when: boolean;
  title: string;
  children: ReactNode;
}

/** What only some will want to read, behind a line that opens it where there is little room; it is worked out when it is opened. */
export function Fold({ when, title, children }: FoldProps) {
  const [open, setOpen] = useState(false);
  if (!when) return children;
  return (
    <Box component="details" open={open} onToggle={(event) => { setOpen(event.currentTarget.open); }} sx={{ borderTop: 1, borderColor: 'divider' }}>
      <Box component="summary" sx={{ cursor: 'pointer', fontWeight: 600, py: 1.25 }}>{title}</Box>
      {open && children}
    </Box>
  );
}
