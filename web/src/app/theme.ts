import '@fontsource-variable/atkinson-hyperlegible-next/wght.css';
import '@fontsource/bricolage-grotesque/600.css';
import { createTheme } from '@mui/material/styles';

/** Colours that carry data. Blue to rust stays apart for every common kind of colour vision. */
export interface DataColours {
  squeeze: string;
  stretch: string;
  calm: string;
  clean: string;
  flaw: string;
  broken: string;
  form: string;
  strap: string;
}

declare module '@mui/material/styles' {
  interface Palette {
    data: DataColours;
  }
  interface PaletteOptions {
    data: DataColours;
  }
}

const display = '"Bricolage Grotesque", "Trebuchet MS", sans-serif';

export const theme = createTheme({
  cssVariables: { colorSchemeSelector: 'data-light' },
  colorSchemes: {
    light: {
      palette: {
        primary: { main: '#14606b' },
        error: { main: '#a4271c' },
        background: { default: '#eef1ee', paper: '#fbfcfa' },
        text: { primary: '#18272b', secondary: '#4b5c60' },
        divider: '#cdd5d0',
        data: {
          squeeze: '#1f5fa8',
          stretch: '#c2551f',
          calm: '#ece3cf',
          clean: '#1e6b4a',
          flaw: '#8a5a00',
          broken: '#a4271c',
          form: '#d5ddd9',
          strap: '#3b4a4f',
        },
      },
    },
    dark: {
      palette: {
        primary: { main: '#7cc7d1' },
        error: { main: '#ff9a8d' },
        background: { default: '#121a1c', paper: '#1a2427' },
        text: { primary: '#e6ecea', secondary: '#a9b8ba' },
        divider: '#34444a',
        data: {
          squeeze: '#6ba6ea',
          stretch: '#ee8a4f',
          calm: '#5a5548',
          clean: '#76cfa3',
          flaw: '#e5b757',
          broken: '#ff9a8d',
          form: '#2b393d',
          strap: '#c3d0d2',
        },
      },
    },
  },
  typography: {
    fontFamily: '"Atkinson Hyperlegible Next Variable", "Segoe UI", sans-serif',
    fontSize: 15,
    h1: { fontFamily: display, fontSize: '1.75rem', fontWeight: 600, letterSpacing: '-0.01em' },
    h2: { fontFamily: display, fontSize: '1.15rem', fontWeight: 600 },
    h3: { fontFamily: display, fontSize: '1rem', fontWeight: 600 },
    button: { textTransform: 'none', fontWeight: 620 },
  },
  shape: { borderRadius: 4 },
  components: {
    MuiButtonBase: {
      styleOverrides: {
        root: ({ theme: t }) => ({
          '&.Mui-focusVisible': { outline: `3px solid ${t.vars?.palette.primary.main ?? ''}`, outlineOffset: 2 },
        }),
      },
    },
    MuiToggleButton: {
      styleOverrides: {
        root: ({ theme: t }) => ({
          paddingBlock: 6,
          paddingInline: 12,
          minHeight: 40,
          lineHeight: 1.2,
          color: t.vars?.palette.text.primary,
          '&.Mui-selected, &.Mui-selected:hover': {
            backgroundColor: t.vars?.palette.primary.main,
            color: t.vars?.palette.primary.contrastText,
          },
        }),
      },
    },
    MuiPaper: { defaultProps: { elevation: 0 } },
  },
});
