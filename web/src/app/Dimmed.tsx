import { Box, type SxProps, type Theme } from '@mui/material';
import type { ReactNode } from 'react';

interface DimmedProps {
  /** Whether what is shown is still the answer to something older. */
  old: boolean;
  children: ReactNode;
  sx?: SxProps<Theme>;
}

/** An answer; dimmed, and said to be busy, while a newer one is under way. It keeps its place. */
export function Dimmed({ old, children, sx = {} }: DimmedProps) {
  return (
    <Box aria-busy={old} sx={[{ opacity: old ? 0.45 : 1 }, ...(Array.isArray(sx) ? (sx as SxProps<Theme>[]) : [sx])] as SxProps<Theme>}>
      {children}
    </Box>
  );
}
