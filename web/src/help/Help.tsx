import { ButtonBase } from '@mui/material';
import { lazy, Suspense, useState } from 'react';
import { TITLES, type TermName } from './titles';

const Explained = lazy(() => import('./Explained'));

/** A tap explains a term of the trade where it stands; what is said comes when it is asked for. */
export function Help({ of }: { of: TermName }) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  return (
    <>
      <ButtonBase aria-label={`What is this: ${TITLES[of]}?`} aria-haspopup="dialog" onClick={(event) => { setAnchor(event.currentTarget); }} sx={MARK}>
        ?
      </ButtonBase>
      {anchor && <Suspense><Explained of={of} anchor={anchor} onClose={() => { setAnchor(null); }} /></Suspense>}
    </>
  );
}

const MARK = {
  width: 24, height: 24, borderRadius: '50%', fontSize: '0.85rem', fontWeight: 650, color: 'text.secondary', flexShrink: 0,
  border: 1, borderColor: 'divider', '&:hover': { bgcolor: 'action.hover' },
} as const;
