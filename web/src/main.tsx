import createCache from '@emotion/cache';
import { CacheProvider } from '@emotion/react';
import { CssBaseline, ThemeProvider } from '@mui/material';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { createBrowserRouter, Navigate, RouterProvider } from 'react-router';
import { Problem } from './api/client';
import { Shell } from './app/Shell';
import { theme } from './app/theme';
import { UnitProvider } from './app/units';

const nonce = document.querySelector('meta[property="csp-nonce"]')?.getAttribute('content') ?? undefined;
const styles = createCache({ key: 'b', nonce });

const queries = new QueryClient({
  defaultOptions: {
    queries: {
      // a refusal stays a refusal; only a server that does not answer is asked again
      retry: (failures, error) => !(error instanceof Problem) && failures < 2,
      staleTime: 10_000,
    },
  },
});

const router = createBrowserRouter([
  {
    path: '/',
    element: <Shell />,
    HydrateFallback: () => null,
    children: [
      { index: true, element: <Navigate to="/trials" replace /> },
      { path: 'trials', lazy: async () => ({ Component: (await import('./trials/TrialsView')).TrialsView }) },
      { path: 'trials/:id', lazy: async () => ({ Component: (await import('./trials/TrialView')).TrialView }) },
      { path: 'trials/tables', lazy: async () => ({ Component: (await import('./exchange/TablesView')).TablesView }) },
      { path: 'log', lazy: async () => ({ Component: (await import('./log/LogView')).LogView }) },
      { path: 'log/:id', lazy: async () => ({ Component: (await import('./log/LogView')).CorrectView }) },
      { path: 'forecast', lazy: async () => ({ Component: (await import('./forecast/ForecastView')).ForecastView }) },
      { path: 'ways', lazy: async () => ({ Component: (await import('./ways/WaysView')).WaysView }) },
      { path: 'map', lazy: async () => ({ Component: (await import('./map/MapView')).MapView }) },
      { path: 'plan', lazy: async () => ({ Component: (await import('./plan/PlanView')).PlanView }) },
      { path: 'rig', lazy: async () => ({ Component: (await import('./rig/RigView')).RigView }) },
      { path: 'evidence', lazy: async () => ({ Component: (await import('./evidence/EvidenceView')).EvidenceView }) },
      { path: 'woods', lazy: async () => ({ Component: (await import('./woods/WoodsView')).WoodsView }) },
      { path: 'rack', lazy: async () => ({ Component: (await import('./rack/RackView')).RackView }) },
      { path: '*', lazy: async () => ({ Component: (await import('./app/NotHere')).NotHere }) },
    ],
  },
]);

const root = document.getElementById('root');
if (!root) throw new Error('The page has no root element');
createRoot(root).render(
  <StrictMode>
    <CacheProvider value={styles}>
      <ThemeProvider theme={theme}>
        <CssBaseline />
        <QueryClientProvider client={queries}>
          <UnitProvider>
            <RouterProvider router={router} />
          </UnitProvider>
        </QueryClientProvider>
      </ThemeProvider>
    </CacheProvider>
  </StrictMode>,
);
