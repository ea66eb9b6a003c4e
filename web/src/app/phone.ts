import { useMediaQuery } from '@mui/material';

/** Whether the page is as narrow as a phone. Drawings are laid out anew there, so that what is written on them stays legible. */
export function useOnPhone(): boolean {
  return useMediaQuery('(max-width:600px)');
}
