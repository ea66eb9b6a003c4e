import { Box, type SxProps, type Theme } from '@mui/material';
import { createContext, use, type ReactNode } from 'react';

interface DimmedProps {
  /** Whether what is shown is still the answer to something older. */
  old: boolean;
  children: ReactNode;
  sx?: SxProps<Theme>;
}

const Old = createContext(false);

/** Whether what stands here answers something older, so that nothing of it may be taken up. */
export function useOld(): boolean {
  return use(Old);
}

/** An answer; dimmed, and said to be busy, while a newer one is under way. It keeps its place, and fades once however deep it lies. */
export function Dimmed({ old, children, sx = {} }: DimmedProps) {
  const within = useOld();
  return (
    <Old value={old || within}>
      <Box aria-busy={old} sx={[{ opacity: old && !within ? 0.45 : 1 }, ...(Array.isArray(sx) ? (sx as SxProps<Theme>[]) : [sx])] as SxProps<Theme>}>
        {children}
      </Box>
    </Old>
  );
}
