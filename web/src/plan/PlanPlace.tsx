import { Box, Typography } from '@mui/material';
import { Outlet, useLocation } from 'react-router';
import { useNotice } from '../app/notice';
import { PartBar } from '../app/PartBar';
import { useOnPhone } from '../app/phone';
import { BAR_HEIGHT } from '../app/Shell';
import { useStored } from '../app/storage';
import { useUnits } from '../app/units';
import { completed, FIRST_RECIPE, formOf, type RecipeForm } from '../recipe/form';
import { RecipeInputs } from '../recipe/RecipeInputs';
import { useRecipe } from '../recipe/useRecipe';
import { shapeLine } from '../recipe/words';
import { usePlannedJob } from '../jobs/usePlannedJob';
import { ForTheJob } from '../jobs/ForTheJob';
import { PutOnBench } from '../bench/PutOnBench';
import { PLAN_DRAFT } from './draft';
import { PieceBand } from './PieceBand';
import type { Plan } from './usePlan';

/** Of several bends; it is drawn there, in place of the one bend. */
const CURVE = '/plan/curve';

const PARTS = [
  { to: '/plan', label: 'Forecast' },
  { to: CURVE, label: 'Curve' },
  { to: '/plan/ways', label: 'Other ways' },
  { to: '/plan/map', label: 'Map' },
  { to: '/plan/next', label: 'Next trial' },
  { to: '/plan/sheet', label: 'Sheet' },
  { to: '/plan/spares', label: 'Spares' },
];

/** One bend: its recipe, the piece drawn with its odds, and what there is to know of it, part by part. */
export function PlanPlace() {
  const [kept, setForm] = useStored<RecipeForm>(PLAN_DRAFT, FIRST_RECIPE);
  const form = completed(kept);
  const state = useRecipe(form);
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
  const inputs = (
    <RecipeInputs form={form} readings={state.readings} problems={state.problems} understood={state.answer?.recipe} onChange={plan.change} />
  );
  return (
    <Box sx={{ display: 'grid', columnGap: 3, gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '330px minmax(0, 1fr)' }, alignItems: 'start' }}>
      <Typography variant="h1" sx={{ position: 'absolute', left: -9999 }}>Plan a bend</Typography>
      {!onPhone && <Box component="section" aria-label="Recipe" sx={BESIDE}>{inputs}</Box>}
      <Box sx={{ minWidth: 0 }}>
        {pathname !== CURVE && <PieceBand state={state} />}
        <ForTheJob recipe={state.answer?.recipe} stale={!state.current} job={job} onLeave={leaveJob} />
        <PartBar label="Parts of the plan" parts={PARTS} beside={<PutOnBench recipe={state.answer?.recipe} stale={!state.current} jobId={job?.id} />} />
        {onPhone && pathname === '/plan' && <section aria-label="Recipe">{inputs}</section>}
        {onPhone && pathname !== '/plan' && (
          <Box component="details" sx={{ mb: 2 }}>
            <Box component="summary" sx={{ cursor: 'pointer', fontWeight: 600, py: 1 }}>
              {state.answer ? shapeLine(state.answer.recipe, system) : 'The recipe'}: change it
            </Box>
            <section aria-label="Recipe">{inputs}</section>
          </Box>
        )}
        <Outlet context={plan} />
      </Box>
    </Box>
  );
}

/** The recipe keeps its place beside the drawing and scrolls by itself. */
const BESIDE = {
  position: { md: 'sticky' }, top: BAR_HEIGHT + 12, maxHeight: { md: `calc(100vh - ${BAR_HEIGHT + 24}px)` }, overflowY: { md: 'auto' },
  overflowX: 'hidden', scrollbarWidth: 'thin', pr: { md: 1.5 }, pt: 0.5,
} as const;
