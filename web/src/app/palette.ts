import { useTheme, type Palette } from '@mui/material/styles';

/** The colours in use, as CSS variables, so that drawings follow day and evening by themselves. */
export function usePalette(): Palette {
  const theme = useTheme();
  return (theme.vars?.palette ?? theme.palette) as Palette;
}
