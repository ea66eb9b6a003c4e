import { Box, Button, Typography } from '@mui/material';
import { useState } from 'react';
import { Link as RouterLink, useNavigate, useParams } from 'react-router';
import { useJobs, useJobWrites, useOutstanding } from '../api/jobs';
import type { JobView, PieceOfJob, RecipeFields } from '../api/schema';
import { Dimmed } from '../app/Dimmed';
import { useNotice } from '../app/notice';
import { useUnits } from '../app/units';
import { PutOnBench } from '../bench/PutOnBench';
import { STEP } from '../bench/words';
import { PieceGlyph } from '../bend/PieceGlyph';
import { HowComputed } from '../help/HowComputed';
import { usePlanIt } from '../plan/draft';
import { useWoodName } from '../recipe/woodNames';
import { processLine, shapeLine } from '../recipe/words';
import { SaidRecipe } from '../sentence/SaidRecipe';
import { SEVERITY } from '../trials/words';
import { printDay, today } from '../units/days';
import { jobForm, jobOf, planFor } from './draft';
import { JobDialog } from './JobDialog';
import { JobsCurve } from './JobsCurve';
import { JobsThings } from './JobsThings';
import { Marks } from './Marks';
import { nameOf, outstandingInWords, progressInWords, wantedLine } from './words';

/** One job: how far it is, what is still to be started, its plan and the plans before, and what became of its pieces. */
export function JobPage() {
  const id = Number(useParams().id);
  const { data: jobs, error } = useJobs();
  const view = jobs?.find((job) => job.id === id);
  if (error) return <Typography role="alert">{error.message}</Typography>;
  if (!jobs) return null;
  if (!view) return <Typography>This job is not under way. <RouterLink to="/plan/jobs">All jobs</RouterLink></Typography>;
  return <OneJob view={view} />;
}

function OneJob({ view }: { view: JobView }) {
  const { progress } = view;
  const { data: outstanding, isPlaceholderData: old } = useOutstanding(view);
  return (
    <>
      <Heading view={view} />
      <Box sx={{ display: 'grid', gap: 4, gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) minmax(0, 1fr)' }, alignItems: 'start' }}>
        <Box component="section" aria-label="How far it is">
          <Marks progress={progress} />
          <Typography sx={{ mt: 1 }}>{progressInWords(progress)}</Typography>
          <Dimmed old={old} sx={{ minHeight: 56, my: 1 }}>
            {outstanding && <Typography sx={{ fontWeight: 640, fontSize: '1.2rem' }}>{outstandingInWords(outstanding, progress)}</Typography>}
          </Dimmed>
          <HowComputed part="jobs-and-hands" />
          <Plan view={view} toStart={outstanding?.toStart} />
        </Box>
        <Pieces pieces={view.pieces} />
      </Box>
    </>
  );
}

function Heading({ view }: { view: JobView }) {
  const { job } = view;
  const [changing, setChanging] = useState(false);
  const { change, close, takeUpAgain } = useJobWrites();
  const navigate = useNavigate();
  const notify = useNotice();
  const end = () => close.mutateAsync(view)
    .then(() => navigate('/plan/jobs'))
    .then(() => { notify({ message: `${job.name} is done with. Its pieces stay what they are.`, undo: () => { takeUpAgain.mutate(view.id); } }); })
    .catch((error: Error) => { notify({ message: error.message }); });
  return (
    <>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', columnGap: 1 }}>
        <Typography variant="h1" sx={{ flexGrow: 1 }}>{job.name}</Typography>
        <Button component={RouterLink} to="/plan/jobs">All jobs</Button>
        <Button onClick={() => { setChanging(true); }}>Change the job</Button>
        <Button color="error" loading={close.isPending} onClick={() => { void end(); }}>It is done with</Button>
      </Box>
      <Typography color="textSecondary">{wantedLine(job, today())}</Typography>
      <Typography sx={{ mb: 2, maxWidth: 720, whiteSpace: 'pre-wrap' }}>{job.note}</Typography>
      {changing && (
        <JobDialog title="Change the job" first={jobForm(job)} keep="Save" onLeave={() => { setChanging(false); }}
          onKeep={async (form) => {
            await change.mutateAsync({ view, job: jobOf(form, { recipe: job.recipe, madeWith: job.madeWith ?? [], ...(job.curveId === undefined ? {} : { curveId: job.curveId }) }) });
            setChanging(false);
          }} />
      )}
    </>
  );
}

function Plan({ view, toStart }: { view: JobView; toStart: number | undefined }) {
  const { id, job, plans } = view;
  const [system] = useUnits();
  const planIt = usePlanIt();
  const woodOf = useWoodName();
  const open = (recipe: RecipeFields) => {
    planFor(id);
    planIt(recipe);
  };
  const before = plans.slice(0, -1).reverse();
  return (
    <Box component="section" aria-label="Plan" sx={{ mt: 2 }}>
      <Typography variant="h2" gutterBottom>The plan</Typography>
      <Box sx={{ display: 'flex', gap: 2 }}>
        <PieceGlyph recipe={job.recipe} severity="CLEAN" />
        <Typography><SaidRecipe recipe={job.recipe} /></Typography>
      </Box>
      <JobsCurve view={view} />
      <JobsThings view={view} />
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 1.5 }}>
        <PutOnBench recipe={job.recipe} stale={false} called={job.name} jobId={id} {...(toStart ? { many: toStart } : {})} />
        <Button onClick={() => { open(job.recipe); }}>Open the plan</Button>
      </Box>
      {before.length > 0 && (
        <Box component="details" sx={{ mt: 2 }}>
          <Box component="summary" sx={{ cursor: 'pointer' }}>{before.length === 1 ? 'One plan before' : `${before.length} plans before`}</Box>
          <Box component="ul" aria-label="Plans before" sx={{ listStyle: 'none', p: 0, m: 0 }}>
            {before.map((plan, index) => (
              <Box component="li" key={index} sx={{ display: 'flex', gap: 1, alignItems: 'center', borderTop: 1, borderColor: 'divider', py: 0.75 }}>
                <Typography variant="body2" sx={{ flexGrow: 1 }}>
                  {printDay(plan.plannedAt.slice(0, 10))}: {woodOf(plan.recipe.blank.speciesId)}, {shapeLine(plan.recipe, system)}. {processLine(plan.recipe, system)}
                </Typography>
                <Button size="small" onClick={() => { open(plan.recipe); }}>Open it</Button>
              </Box>
            ))}
          </Box>
        </Box>
      )}
    </Box>
  );
}

const COLOUR = { CLEAN: 'data.clean', FLAW: 'data.flaw', BROKEN: 'data.broken' } as const;

function Pieces({ pieces }: { pieces: PieceOfJob[] }) {
  return (
    <Box component="section" aria-label="Its pieces">
      <Typography variant="h2" gutterBottom>Its pieces</Typography>
      {pieces.length === 0 && <Typography color="textSecondary">None is begun. Put pieces on the bench, or say in a record that it was for this job.</Typography>}
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {pieces.map((piece, index) => (
          <Box component="li" key={index} sx={{ display: 'flex', gap: 2, borderTop: 1, borderColor: 'divider', py: 1, alignItems: 'baseline' }}>
            <Typography component={RouterLink} to={piece.trialId === undefined ? '/bench' : `/records/${piece.trialId}`} sx={{ flexGrow: 1, color: 'primary.main' }}>{nameOf(piece)}</Typography>
            <Typography variant="body2" sx={piece.trialId === undefined && piece.severity === 'CLEAN' ? {} : { color: COLOUR[piece.severity], fontWeight: 620 }}>
              {piece.trialId === undefined ? `${STEP[piece.step]}${piece.severity === 'CLEAN' ? '' : `, ${SEVERITY[piece.severity].toLowerCase()}`}` : SEVERITY[piece.severity]}
            </Typography>
          </Box>
        ))}
      </Box>
    </Box>
  );
}
