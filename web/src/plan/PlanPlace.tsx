import { Box, Typography, type Theme } from '@mui/material';
import { Outlet, useLocation } from 'react-router';
import { useNotice } from '../app/notice';
import { PartBar } from '../app/PartBar';
import { useOnPhone } from '../app/phone';
import { BAR_HEIGHT } from '../app/Shell';
import { useStored } from '../app/storage';
import { useUnits } from '../app/units';
import { completed, FIRST_RECIPE, formOf, type RecipeForm } from '../recipe/form';
import { Recipe, RecipeBar, useEntryMode } from '../recipe/Recipe';
import { useRecipe } from '../recipe/useRecipe';
import { shapeLine } from '../recipe/words';
import { usePlannedJob } from '../jobs/usePlannedJob';
import { ForTheJob } from '../jobs/ForTheJob';
import { PutOnBench } from '../bench/PutOnBench';
import { PLAN_DRAFT } from './draft';
import { HangingPiece, PieceAtTheEdge } from './PieceBand';
import type { Plan } from './usePlan';

const FORECAST = '/plan';
/** Of several bends; it is drawn there, in place of the one bend. */
const CURVE = '/plan/curve';
/** The planned way is a row among the others there. */
const WAYS = '/plan/ways';
/** Parts that show the bend themselves. */
const WHOLE_WIDTH = [FORECAST, CURVE, WAYS];

const PARTS = [
  { to: FORECAST, label: 'Forecast' },
  { to: CURVE, label: 'Curve' },
  { to: WAYS, label: 'Other ways' },
  { to: '/plan/map', label: 'Map' },
  { to: '/plan/next', label: 'Next trial' },
  { to: '/plan/sheet', label: 'Sheet' },
  { to: '/plan/spares', label: 'Spares' },
];

/** One bend: its recipe, and what there is to know of it, part by part; the forecast first. */
export function PlanPlace() {
  const [kept, setForm] = useStored<RecipeForm>(PLAN_DRAFT, FIRST_RECIPE);
  const form = completed(kept);
  const state = useRecipe(form);
  const [mode, setMode] = useEntryMode();
  const [system] = useUnits();
  const notify = useNotice();
  const onPhone = useOnPhone();
  const { pathname } = useLocation();
  const [job, leaveJob] = usePlannedJob();
  const plan: Plan = {
    ...state,
    form,
    change: (change) => { setForm({ ...form, ...change }); },
    take: (recipe) => {
      setForm(formOf(recipe, system));
      notify({ message: 'Taken into the recipe.', undo: () => { setForm(form); } });
    },
  };
  const recipe = (
    <Box component="section" aria-label="Recipe">
      <Recipe mode={mode} form={form} readings={state.readings} problems={state.problems} understood={state.answer?.recipe} onChange={plan.change} />
    </Box>
  );
  const inFields = mode === 'FIELDS' && !onPhone;
  const folded = onPhone && pathname !== FORECAST;
  return (
    <>
      <Typography variant="h1" sx={{ position: 'absolute', left: -9999 }}>Plan a bend</Typography>
      {onPhone && <HangingPiece state={state} />}
      <Box sx={inFields ? undefined : HEAD}>
        {folded ? (
          <Box component="details">
            <Box component="summary" sx={{ cursor: 'pointer', fontWeight: 600, py: 1 }}>
              {state.answer ? shapeLine(state.answer.recipe, system) : 'The recipe'}: change it
            </Box>
            {recipe}
          </Box>
        ) : !inFields && recipe}
        <RecipeBar state={state} mode={mode} onChange={setMode} />
      </Box>
      <PartBar label="Parts of the plan" parts={PARTS} beside={(
        <>
          <ForTheJob recipe={state.answer?.recipe} stale={!state.current} job={job} onLeave={leaveJob} />
          <PutOnBench recipe={state.answer?.recipe} stale={!state.current} jobId={job?.id} />
        </>
      )} />
      <Box sx={inFields ? BESIDE_FIELDS : undefined}>
        {inFields && <Box sx={FIELDS}>{recipe}</Box>}
        <Box sx={{ minWidth: 0 }}>
          {WHOLE_WIDTH.includes(pathname) || onPhone ? <Outlet context={plan} /> : (
            <Box sx={WITH_EDGE}>
              <Box sx={{ minWidth: 0 }}><Outlet context={plan} /></Box>
              <PieceAtTheEdge state={state} />
            </Box>
          )}
        </Box>
      </Box>
    </>
  );
}

/** The sentence stands at the head of the page, over its whole width. */
const HEAD = {
  mx: { xs: -1.5, sm: -3 }, px: { xs: 1.5, sm: 3 }, mt: { xs: 0, sm: -2.5 }, pt: { xs: 1, sm: 1.5 }, bgcolor: 'background.paper',
  // as wide as the window, however wide that is
  boxShadow: (theme: Theme) => `0 0 0 100vmax ${theme.vars?.palette.background.paper ?? ''}`, clipPath: 'inset(0 -100vmax)',
} as const;

const BESIDE_FIELDS = { display: 'grid', columnGap: 3, gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '330px minmax(0, 1fr)' }, alignItems: 'start' } as const;

/** The fields keep their place beside the answer and scroll by themselves. */
const FIELDS = {
  position: { md: 'sticky' }, top: BAR_HEIGHT + 12, maxHeight: { md: `calc(100vh - ${BAR_HEIGHT + 24}px)` }, overflowY: { md: 'auto' },
  overflowX: 'hidden', scrollbarWidth: 'thin', pr: { md: 1.5 }, pt: 0.5,
} as const;

const WITH_EDGE = { display: 'grid', columnGap: 3, gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) 250px' }, alignItems: 'start' } as const;
