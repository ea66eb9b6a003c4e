import {
  AppBar,
  Box,
  Button,
  Link,
  Snackbar,
  ToggleButton,
  ToggleButtonGroup,
  Toolbar,
  Typography,
  useColorScheme,
} from '@mui/material';
import { useState, useSyncExternalStore } from 'react';
import { Link as RouterLink, NavLink, Outlet, ScrollRestoration } from 'react-router';
import { tryingAgain } from '../api/persistence';
import { inSample } from '../api/shop';
import { Keys } from './Keys';
import { NAV_LINK } from './navLink';
import { NoticeContext, type Notice } from './notice';
import { useOnPhone } from './phone';
import { PLACES } from './places';
import { LookRound, SampleBar } from './SampleBar';
import { useUnits, type UnitSystem } from './units';

function Mark() {
  return (
    <Box component="svg" viewBox="0 0 32 32" sx={{ width: 30, height: 30, flexShrink: 0 }} aria-hidden>
      <Box component="path" d="M7 30V16a9 9 0 0 1 18 0v14" fill="none" stroke="primary.main" strokeWidth={5}
        sx={{ stroke: (t) => t.vars?.palette.primary.main }} />
      <Box component="path" d="M3 30V16a13 13 0 0 1 26 0v14" fill="none" strokeWidth={1.6}
        sx={{ stroke: (t) => t.vars?.palette.data.stretch }} />
    </Box>
  );
}

const PLACE = {
  ...NAV_LINK,
  px: { xs: 1, lg: 1.75 },
  py: 1.5,
  flexGrow: { xs: 1, sm: 0 },
  textAlign: 'center',
  color: 'text.primary',
  borderBlock: '3px solid transparent',
  '&.active': { borderBottomColor: { sm: 'data.stretch' }, borderTopColor: { xs: 'data.stretch', sm: 'transparent' } },
} as const;

/** Under the thumb on a phone, at the top elsewhere. */
const UNDER_THE_THUMB = {
  position: 'fixed', insetInline: 0, bottom: 0, zIndex: 'appBar', bgcolor: 'background.paper', borderTop: 1, borderColor: 'divider',
  pb: 'env(safe-area-inset-bottom)',
} as const;

function Places({ onPhone }: { onPhone: boolean }) {
  return (
    <Box component="nav" aria-label="Places" sx={[{ display: 'flex' }, onPhone ? UNDER_THE_THUMB : { flexGrow: 1 }]}>
      {PLACES.map((place) => (
        <Box key={place.to} component={NavLink} to={place.to} sx={PLACE}>
          {place.label}
        </Box>
      ))}
    </Box>
  );
}

function Switches() {
  const [units, setUnits] = useUnits();
  const { mode, systemMode, setMode } = useColorScheme();
  const dark = (mode === 'system' ? systemMode : mode) === 'dark';
  return (
    <Box sx={{ display: 'flex', alignItems: 'center', gap: { xs: 0.5, sm: 1 } }}>
      <ToggleButtonGroup
        exclusive
        size="small"
        value={units}
        aria-label="Units"
        onChange={(_, chosen: UnitSystem | null) => {
          if (chosen) setUnits(chosen);
        }}
      >
        <ToggleButton value="inch" aria-label="Inches and degrees Fahrenheit" sx={{ px: { xs: 1, sm: 1.5 } }}>
          in
        </ToggleButton>
        <ToggleButton value="metric" aria-label="Millimetres and degrees Celsius" sx={{ px: { xs: 1, sm: 1.5 } }}>
          mm
        </ToggleButton>
      </ToggleButtonGroup>
      <Button
        color="inherit"
        onClick={() => {
          setMode(dark ? 'light' : 'dark');
        }}
        sx={{ minWidth: 0, px: { xs: 0.5, sm: 1 } }}
      >
        {dark ? 'Day' : 'Evening'}
      </Button>
    </Box>
  );
}

const ABOVE_THE_PLACES = { bottom: { xs: 72, sm: 24 } } as const;

/** Says that the server is being waited for; over the page, so that nothing moves. */
function TryingAgain() {
  const waiting = useSyncExternalStore(tryingAgain.subscribe, tryingAgain.get);
  return (
    <Snackbar
      open={waiting}
      sx={ABOVE_THE_PLACES}
      message="The workshop server does not answer just now. It is asked again; what you typed is kept."
    />
  );
}

/** What a page's place on the screen is kept by: every page that is opened anew is the first of its history, so those are told apart by their addresses. */
function placeToReturnTo({ key, pathname, search }: { key: string; pathname: string; search: string }): string {
  return key === 'default' ? pathname + search : key;
}

/** Height of the bar at the top [px]; what stays in sight below it hangs from there. */
export const BAR_HEIGHT = 56;

export function Shell() {
  const [notice, setNotice] = useState<Notice | null>(null);
  const onPhone = useOnPhone();
  return (
    <NoticeContext value={setNotice}>
      <Link
        href="#main"
        sx={{ position: 'absolute', left: -9999, '&:focus': { left: 8, top: 8, zIndex: 2000, bgcolor: 'background.paper', p: 1 } }}
      >
        Skip to the view
      </Link>
      <AppBar
        position="sticky"
        color="default"
        elevation={0}
        sx={{ bgcolor: 'background.paper', borderBottom: 1, borderColor: 'divider', color: 'text.primary', backgroundImage: 'none' }}
      >
        <Toolbar disableGutters sx={{ gap: { xs: 0.75, sm: 2 }, px: { xs: 1, sm: 3 }, height: BAR_HEIGHT - 1, minHeight: '0 !important' }}>
          <Box component={RouterLink} to="/" aria-label="Brachion, the first page"
            sx={{ display: 'flex', alignItems: 'center', gap: 1, py: 0.75, color: 'inherit', textDecoration: 'none' }}>
            <Mark />
            {!onPhone && (
              <Typography component="span" sx={{ fontFamily: 'h1.fontFamily', fontSize: '1.2rem', fontWeight: 600 }}>
                {inSample() ? 'Sample workshop' : 'Brachion'}
              </Typography>
            )}
          </Box>
          {!onPhone && <Places onPhone={false} />}
          <Box sx={{ ml: 'auto', display: 'flex', alignItems: 'center', gap: { xs: 0.75, sm: 2 } }}>
            <Button component={RouterLink} to="/records/new" variant="contained" sx={{ whiteSpace: 'nowrap' }}>Log a bend</Button>
            <Switches />
          </Box>
        </Toolbar>
      </AppBar>
      <Box component="main" id="main" tabIndex={-1} sx={{ maxWidth: 1320, mx: 'auto', px: { xs: 1.5, sm: 3 }, py: { xs: 1.5, sm: 2.5 }, outline: 'none', minHeight: '100vh' }}>
        {inSample() && <SampleBar />}
        <Outlet />
      </Box>
      <Box component="footer" sx={{ maxWidth: 1320, mx: 'auto', px: { xs: 1.5, sm: 3 }, pb: { xs: 10, sm: 3 } }}>
        <Typography variant="body2" color="textSecondary">
          The forecast is advice from records, not a guarantee. For anything that carries people or a structure, follow
          local codes and ask a licensed engineer.
        </Typography>
        {!inSample() && <LookRound />}
        <Button component={RouterLink} to="/help/words" size="small">What the words mean</Button>
        <Keys />
        <Button component={RouterLink} to="/help/components" size="small">What Brachion is made of</Button>
      </Box>
      {onPhone && <Places onPhone />}
      <TryingAgain />
      <ScrollRestoration getKey={placeToReturnTo} />
      <Snackbar
        open={notice !== null}
        autoHideDuration={10_000}
        sx={ABOVE_THE_PLACES}
        onClose={(_, reason) => {
          if (reason !== 'clickaway') setNotice(null);
        }}
        message={notice?.message}
        action={
          notice?.undo && (
            <Button
              color="inherit"
              onClick={() => {
                notice.undo?.();
                setNotice(null);
              }}
            >
              Undo
            </Button>
          )
        }
      />
    </NoticeContext>
  );
}
