import { Box, Button, Link, Typography } from '@mui/material';
import { useState } from 'react';
import { Link as RouterLink, useNavigate } from 'react-router';
import { useJobWrites } from '../api/jobs';
import type { JobView, RecipeFields } from '../api/schema';
import { useNotice } from '../app/notice';
import { EMPTY_JOB, jobOf, planFor, sameRecipe } from './draft';
import { JobDialog } from './JobDialog';

interface ForTheJobProps {
  /** The plan as it was last understood. */
  recipe: RecipeFields | undefined;
  stale: boolean;
  /** The job it is for; none where it is for itself. */
  job: JobView | undefined;
  onLeave: () => void;
}

/** The job a plan is for: kept as its plan, left, or a plan made a job. */
export function ForTheJob({ recipe, stale, job: view, onLeave }: ForTheJobProps) {
  const { takeOn, change } = useJobWrites();
  const [making, setMaking] = useState(false);
  const navigate = useNavigate();
  const notify = useNotice();
  const same = view !== undefined && recipe !== undefined && sameRecipe(view.job.recipe, recipe);
  const keep = () => {
    if (!view || !recipe) return;
    const before = view.job;
    void change.mutateAsync({ view, job: { ...before, recipe } })
      .then((kept) => {
        notify({ message: `This is the plan of ${before.name} now.`, undo: () => { change.mutate({ view: kept, job: before }); } });
      })
      .catch((error: Error) => { notify({ message: error.message }); });
  };
  return (
    <Box sx={{ display: 'flex', flexWrap: { xs: 'wrap', sm: 'nowrap' }, flexShrink: { sm: 0 }, alignItems: 'center', gap: 1, minHeight: 42 }}>
      <Button component={RouterLink} to="/plan/jobs" size="small">Jobs</Button>
      {view ? (
        <>
          <Typography noWrap sx={{ maxWidth: { xs: '100%', sm: 220 } }}>For <Link component={RouterLink} to={`/plan/jobs/${view.id}`}>{view.job.name}</Link></Typography>
          <Button size="small" variant="outlined" disabled={stale || !recipe || same} loading={change.isPending} onClick={keep}>
            {same ? 'Its plan' : 'Save as its plan'}
          </Button>
          <Button size="small" onClick={onLeave}>Leave the job</Button>
        </>
      ) : (
        <Button size="small" disabled={stale || !recipe} onClick={() => { setMaking(true); }}>Make it a job</Button>
      )}
      {making && recipe && (
        <JobDialog title="Make it a job" first={EMPTY_JOB} keep="Take it on" onLeave={() => { setMaking(false); }}
          onKeep={async (form) => {
            const { id } = await takeOn.mutateAsync(jobOf(form, { recipe }));
            planFor(id);
            await navigate(`/plan/jobs/${id}`);
          }} />
      )}
    </Box>
  );
}
