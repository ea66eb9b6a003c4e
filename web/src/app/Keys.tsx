import { Box, Button, Dialog, DialogActions, DialogContent, DialogTitle, FormControlLabel, Switch } from '@mui/material';
import { useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import { say } from '../messages/keys';
import { useOnPhone } from './phone';
import { PLACES } from './places';
import { useStored } from './storage';
import { nextUnsaid, SEARCHING, searchField } from './reach';

const LOG = 'l';
const SEARCH = '/';
const UNKNOWN = 'n';
const SHOW = '?';

/** What lies over the page has keys of its own. */
const OVER_THE_PAGE = '[role=dialog], [role=menu], [role=presentation] [role=listbox]';

/** Where a key is a letter of what is typed. */
const TYPED_IN = 'input:not([type=checkbox], [type=radio], [type=button]), textarea, select, [contenteditable=true], [role=application], [role=slider]';

/**
 * One key each for what is done most, outside of fields, and a list of them. Whoever speaks to the machine, or touches keys without
 * wanting to, switches them off (WCAG 2.2, success criterion 2.1.4); the list still opens.
 */
export function Keys() {
  const navigate = useNavigate();
  const [on, setOn] = useStored('brachion.keys', true);
  const [shown, setShown] = useState(false);
  const onPhone = useOnPhone();
  useEffect(() => {
    const pressed = (event: KeyboardEvent) => {
      const { key, code, target, altKey, ctrlKey, metaKey, defaultPrevented, repeat, isComposing } = event;
      if (defaultPrevented || repeat || isComposing || ctrlKey || metaKey || document.querySelector(OVER_THE_PAGE)) return;
      const typing = target instanceof Element && target.matches(TYPED_IN);
      const deed = altKey ? (code === 'KeyN' ? toUnsaid : undefined) : typing ? undefined : deedOf(key);
      if (!deed) return;
      event.preventDefault();
      deed();
    };
    const toUnsaid = () => { nextUnsaid()?.focus(); };
    const deedOf = (key: string): (() => void) | undefined => {
      if (key === SHOW) return () => { setShown(true); };
      if (!on) return undefined;
      const place = PLACES[Number(key) - 1];
      if (place) return () => { void navigate(place.to); };
      switch (key) {
        case LOG: return () => { void navigate('/records/new'); };
        case SEARCH: return () => {
          const field = searchField();
          if (field) field.focus();
          else void navigate('/records', { state: SEARCHING });
        };
        case UNKNOWN: return toUnsaid;
        default: return undefined;
      }
    };
    window.addEventListener('keydown', pressed);
    return () => { window.removeEventListener('keydown', pressed); };
  }, [navigate, on]);
  return (
    <>
      {!onPhone && <Button size="small" onClick={() => { setShown(true); }}>{say('title')}</Button>}
      {shown && (
        <Dialog open onClose={() => { setShown(false); }} maxWidth="xs" fullWidth aria-labelledby="keys">
          <DialogTitle id="keys">{say('title')}</DialogTitle>
          <DialogContent>
            <FormControlLabel label={say('use')} control={<Switch checked={on} onChange={(_, chosen) => { setOn(chosen); }} />} />
            <Box component="dl" sx={LIST}>
              <dt><kbd>{SHOW}</kbd></dt><dd>{say('show')}</dd>
              <dt><kbd>{LOG}</kbd></dt><dd>{say('log')}</dd>
              <dt><kbd>{SEARCH}</kbd></dt><dd>{say('search')}</dd>
              <dt><kbd>{UNKNOWN}</kbd></dt><dd>{say('unknown')}</dd>
              <dt><kbd>Alt</kbd> <kbd>{UNKNOWN}</kbd></dt><dd>{say('inWord')}</dd>
              {PLACES.map(({ to, label }, index) => [<dt key={to}><kbd>{index + 1}</kbd></dt>, <dd key={label}>{say('place', { place: label })}</dd>])}
            </Box>
          </DialogContent>
          <DialogActions><Button onClick={() => { setShown(false); }}>{say('done')}</Button></DialogActions>
        </Dialog>
      )}
    </>
  );
}

const LIST = {
  display: 'grid', gridTemplateColumns: 'auto 1fr', columnGap: 2, rowGap: 0.75, m: 0, mt: 1, alignItems: 'baseline', '& dd': { m: 0 },
  '& kbd': { fontFamily: 'inherit', fontWeight: 620, px: 0.75, py: 0.125, border: 1, borderColor: 'divider', borderRadius: 0.5, bgcolor: 'background.default' },
} as const;
