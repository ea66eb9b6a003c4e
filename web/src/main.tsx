import createCache from '@emotion/cache';
import { CacheProvider } from '@emotion/react';
import { CssBaseline, ThemeProvider } from '@mui/material';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { createBrowserRouter, RouterProvider } from 'react-router';
import { OldAddress } from './app/OldAddress';
import { OLD_ADDRESSES } from './app/places';
import { Shell } from './app/Shell';
import { sampleIsThere } from './app/shop';
import { theme } from './app/theme';
import { UnitProvider } from './app/units';

const nonce = document.querySelector('meta[property="csp-nonce"]')?.getAttribute('content') ?? undefined;
const styles = createCache({ key: 'b', nonce });

const queries = new QueryClient({
  defaultOptions: {
    queries: {
      // a server that does not answer was asked often enough already
      retry: false,
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
      { index: true, lazy: async () => ({ Component: (await import('./home/FirstPage')).FirstPage }) },
      {
        path: 'plan',
        lazy: async () => ({ Component: (await import('./plan/PlanPlace')).PlanPlace }),
        children: [
          { index: true, lazy: async () => ({ Component: (await import('./plan/ForecastPart')).ForecastPart }) },
          { path: 'curve', lazy: async () => ({ Component: (await import('./curve/CurvePart')).CurvePart }) },
          { path: 'ways', lazy: async () => ({ Component: (await import('./ways/WaysPart')).WaysPart }) },
          { path: 'map', lazy: async () => ({ Component: (await import('./map/MapPart')).MapPart }) },
          { path: 'next', lazy: async () => ({ Component: (await import('./next/NextPart')).NextPart }) },
          { path: 'sheet', lazy: async () => ({ Component: (await import('./sheet/SheetPart')).SheetPart }) },
          { path: 'spares', lazy: async () => ({ Component: (await import('./spares/SparesPart')).SparesPart }) },
        ],
      },
      { path: 'plan/jobs', lazy: async () => ({ Component: (await import('./jobs/JobsView')).JobsView }) },
      { path: 'plan/jobs/:id', lazy: async () => ({ Component: (await import('./jobs/JobPage')).JobPage }) },
      { path: 'stock', lazy: async () => ({ Component: (await import('./stock/StockView')).StockView }) },
      { path: 'stock/new', lazy: async () => ({ Component: (await import('./stock/NewBoard')).NewBoard }) },
      { path: 'stock/:id', lazy: async () => ({ Component: (await import('./stock/BoardPage')).BoardPage }) },
      { path: 'photos/:id', lazy: async () => ({ Component: (await import('./photo/PhotoPage')).PhotoPage }) },
      { path: 'bench/card/:id', lazy: async () => ({ Component: (await import('./bench/BenchCardView')).BenchCardView }) },
      {
        path: 'bench',
        lazy: async () => ({ Component: (await import('./bench/BenchPlace')).BenchPlace }),
        children: [
          { index: true, lazy: async () => ({ Component: (await import('./bench/UnderWay')).UnderWay }) },
          { path: 'day', lazy: async () => ({ Component: (await import('./day/DayView')).DayView }) },
          { path: 'rack', lazy: async () => ({ Component: (await import('./rack/RackView')).RackView }) },
        ],
      },
      {
        path: 'records',
        lazy: async () => ({ Component: (await import('./records/RecordsPlace')).RecordsPlace }),
        children: [
          { index: true, lazy: async () => ({ Component: (await import('./trials/TrialsView')).TrialsView }) },
          { path: 'evidence', lazy: async () => ({ Component: (await import('./evidence/EvidenceView')).EvidenceView }) },
          { path: 'woods', lazy: async () => ({ Component: (await import('./woods/WoodsView')).WoodsView }) },
          { path: 'names', lazy: async () => ({ Component: (await import('./records/NamesView')).NamesView }) },
          { path: 'tables', lazy: async () => ({ Component: (await import('./exchange/TablesView')).TablesView }) },
        ],
      },
      { path: 'records/logbook', lazy: async () => ({ Component: (await import('./logbook/LogbookView')).LogbookView }) },
      { path: 'records/compare', lazy: async () => ({ Component: (await import('./trials/CompareView')).CompareView }) },
      { path: 'records/new', lazy: async () => ({ Component: (await import('./log/LogView')).LogView }) },
      { path: 'records/:id', lazy: async () => ({ Component: (await import('./trials/TrialView')).TrialView }) },
      { path: 'records/:id/correct', lazy: async () => ({ Component: (await import('./log/LogView')).CorrectView }) },
      { path: 'help/computation', lazy: async () => ({ Component: (await import('./help/ComputationView')).ComputationView }) },
      { path: 'help/words', lazy: async () => ({ Component: (await import('./help/WordsView')).WordsView }) },
      { path: 'help/components', lazy: async () => ({ Component: (await import('./help/ComponentsView')).ComponentsView }) },
      {
        path: 'rig',
        lazy: async () => ({ Component: (await import('./rig/RigPlace')).RigPlace }),
        children: [
          { index: true, lazy: async () => ({ Component: (await import('./rig/RigView')).RigView }) },
          { path: 'things', lazy: async () => ({ Component: (await import('./rig/things/ThingsView')).ThingsView }) },
          { path: 'instruments', lazy: async () => ({ Component: (await import('./instruments/InstrumentsView')).InstrumentsView }) },
        ],
      },
      ...Object.entries(OLD_ADDRESSES).map(([path, to]) => ({ path, element: <OldAddress to={to} /> })),
      { path: '*', lazy: async () => ({ Component: (await import('./app/NotHere')).NotHere }) },
    ],
  },
]);

/** Lettering that arrives late would move everything; a slow line gets the system's own after this [ms]. */
const FONT_PATIENCE = 400;

await Promise.race([
  Promise.allSettled(['1rem "Atkinson Hyperlegible Next Variable"', '600 1rem "Bricolage Grotesque"'].map((font) => document.fonts.load(font))),
  new Promise((resolve) => setTimeout(resolve, FONT_PATIENCE)),
]);

await sampleIsThere();

const root = document.getElementById('root');
if (!root) throw new Error('The page has no root element');
createRoot(root).render(
  <StrictMode>
    <CacheProvider value={styles}>
      <ThemeProvider theme={theme} noSsr>
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
