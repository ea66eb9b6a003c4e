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
import { useState } from 'react';
import { NavLink, Outlet } from 'react-router';
import { NoticeContext, type Notice } from './notice';
import { useUnits, type UnitSystem } from './units';

const VIEWS = [
  { to: '/trials', label: 'Trials' },
  { to: '/log', label: 'Log a bend' },
  { to: '/forecast', label: 'Forecast' },
  { to: '/ways', label: 'Find a way' },
  { to: '/map', label: 'Map' },
  { to: '/plan', label: 'Next' },
  { to: '/rack', label: 'Rack' },
  { to: '/rig', label: 'Rig' },
  { to: '/evidence', label: 'Evidence' },
];

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

function Views() {
  return (
    <Box component="nav" aria-label="Views" sx={{ display: 'flex', flexGrow: 1, overflowX: 'auto', scrollbarWidth: 'none' }}>
      {VIEWS.map((view) => (
        <Box
          key={view.to}
          component={NavLink}
          to={view.to}
          sx={{
            px: { xs: 1.25, lg: 1.5 },
            py: 1.5,
            color: 'text.primary',
            textDecoration: 'none',
            fontWeight: 560,
            whiteSpace: 'nowrap',
            borderBottom: '3px solid transparent',
            '&.active': { borderBottomColor: 'data.stretch' },
            '&:hover': { bgcolor: 'action.hover' },
            '&:focus-visible': { outline: '3px solid', outlineColor: 'primary.main', outlineOffset: -3 },
          }}
        >
          {view.label}
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
    <Box sx={{ display: 'flex', alignItems: 'center', gap: 1 }}>
      <ToggleButtonGroup
        exclusive
        size="small"
        value={units}
        aria-label="Units"
        onChange={(_, chosen: UnitSystem | null) => {
          if (chosen) setUnits(chosen);
        }}
      >
        <ToggleButton value="inch" aria-label="Inches and degrees Fahrenheit">
          in
        </ToggleButton>
        <ToggleButton value="metric" aria-label="Millimetres and degrees Celsius">
          mm
        </ToggleButton>
      </ToggleButtonGroup>
      <Button
        color="inherit"
        onClick={() => {
          setMode(dark ? 'light' : 'dark');
        }}
        sx={{ minWidth: 0, px: 1 }}
      >
        {dark ? 'Day' : 'Evening'}
      </Button>
    </Box>
  );
}

export function Shell() {
  const [notice, setNotice] = useState<Notice | null>(null);
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
        <Toolbar variant="dense" sx={{ gap: { xs: 0.5, sm: 2 }, flexWrap: { xs: 'wrap', lg: 'nowrap' }, px: { xs: 1, sm: 3 } }}>
          <Box sx={{ display: 'flex', alignItems: 'center', gap: 1, py: 0.75 }}>
            <Mark />
            <Typography component="span" sx={{ fontFamily: 'h1.fontFamily', fontSize: '1.2rem', fontWeight: 700 }}>
              Brachion
            </Typography>
          </Box>
          <Box sx={{ order: { xs: 3, lg: 0 }, width: { xs: '100%', lg: 'auto' }, minWidth: 0, flexGrow: 1 }}>
            <Views />
          </Box>
          <Box sx={{ ml: 'auto' }}>
            <Switches />
          </Box>
        </Toolbar>
      </AppBar>
      <Box component="main" id="main" tabIndex={-1} sx={{ maxWidth: 1320, mx: 'auto', px: { xs: 1.5, sm: 3 }, py: { xs: 2, sm: 2.5 }, outline: 'none' }}>
        <Outlet />
      </Box>
      <Box component="footer" sx={{ maxWidth: 1320, mx: 'auto', px: { xs: 1.5, sm: 3 }, pb: 3 }}>
        <Typography variant="body2" color="text.secondary">
          The forecast is advice from records, not a guarantee. For anything that carries people or a structure, follow
          local codes and ask a licensed engineer.
        </Typography>
      </Box>
      <Snackbar
        open={notice !== null}
        autoHideDuration={10_000}
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
