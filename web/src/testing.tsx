import { ThemeProvider } from '@mui/material';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render } from '@testing-library/react';
import type { ReactNode } from 'react';
import { MemoryRouter, Outlet, Route, Routes } from 'react-router';
import type { ForecastAnswer, RecipeFields } from './api/schema';
import { NoticeContext, type Notice } from './app/notice';
import { theme } from './app/theme';
import type { Plan } from './plan/usePlan';
import { FIRST_RECIPE } from './recipe/form';

/** Shows a part of the page as it stands in the whole. */
export function show(part: ReactNode, notify: (notice: Notice) => void = () => undefined) {
  return render(
    <ThemeProvider theme={theme}>
      <NoticeContext value={notify}>
        <QueryClientProvider client={new QueryClient()}>
          <MemoryRouter>{part}</MemoryRouter>
        </QueryClientProvider>
      </NoticeContext>
    </ThemeProvider>,
  );
}

/** Shows a part of the plan about a bend that has been answered. */
export function showPart(part: ReactNode, plan: Partial<Plan> = {}) {
  const whole: Plan = {
    form: FIRST_RECIPE, readings: {}, problems: {}, answer: { recipe: STEAMED, forecast: ANSWER }, current: true, failure: undefined,
    typed: { bareUnits: 'INCH', choices: {}, typed: [] }, change: () => undefined, take: () => undefined, ...plan,
  };
  return show(
    <Routes>
      <Route element={<Outlet context={whole} />}>
        <Route index element={part} />
      </Route>
    </Routes>,
  );
}

export const STEAMED: RecipeFields = {
  blank: {
    speciesId: 'white-ash', seasoning: 'AIR_DRIED', moisturePercent: 18, growthRings: 'FLAT', grainRun: 25, knots: 'CLEAR',
    thicknessMm: 19.05, widthMm: 25.4,
  },
  innerRadiusMm: 152.4,
  angleDegrees: 180,
  method: { kind: 'STEAM_BOX', soakHours: 0, steamMinutes: 60, chamberC: 98, carrySeconds: 15 },
};

/** The same piece glued of plies. */
export const GLUED: RecipeFields = { ...STEAMED, method: { kind: 'COLD_LAMINATION', glue: 'PVA', plies: 6 } };

export const ANSWER: ForecastAnswer = {
  unbroken: { probability: 0.71, low: 0.55, high: 0.86 },
  clean: { probability: 0.5, low: 0.3, high: 0.7 },
  unbrokenByTables: { probability: 0.6, low: 0.4, high: 0.8 },
  hidden: 0.03,
  blemishes: [],
  modes: [
    { mode: 'TENSION', ratio: 1.31, demand: 0.023, limit: 0.0175, broken: 0.28, reasons: [{ cause: 'CURVE', size: 1.2 }] },
    { mode: 'COMPRESSION', ratio: 0.4, demand: 0.08, limit: 0.2, broken: 0.01, reasons: [] },
  ],
  section: {
    thicknessMm: 19.05, innerRadiusMm: 152.4, neutralAxis: 0.75, outerStrain: 0.023, innerStrain: -0.08, tensionLimit: 0.0175,
    compressionLimit: 0.2, outerSoftness: 0.55, innerSoftness: 0.9, moisturePercent: 18, leverMm: 600, pullN: 100, strapStressMpa: 0, strapBearsMpa: 0, strapPullN: 0,
    endPressureMpa: 0, endCrushingMpa: 11,
    radiiEstimated: true,
  },
  springback: {
    releasedRadiusMm: 160, releasedRadiusLowMm: 156, releasedRadiusHighMm: 165, computedReleasedRadiusMm: 161, formRadiusMm: 145,
    measured: 12,
  },
  missing: [{ what: 'GRAIN_SLOPE', widthNow: 0.31, widthThen: 0.2 }],
  doubts: [],
  sheet: [
    { measure: 'OUTER_ARC', measurement: 'LENGTH', value: 538.6 },
    { measure: 'INNER_ARC', measurement: 'LENGTH', value: 478.8 },
  ],
  evidence: { trialsOfFamily: 40, trialsThisWay: 40, trialsNear: 7, ofOtherShops: { ofFamily: 0, near: 0 }, beyondRecords: true, guesses: 0.3, nearest: [] },
  fit: { revision: 3, trials: 52, behind: false },
};
