import { Alert, Box, Button, Paper, Typography } from '@mui/material';
import { Link as RouterLink } from 'react-router';
import { useJobs } from '../api/jobs';
import type { JobView } from '../api/schema';
import { PieceGlyph } from '../bend/PieceGlyph';
import { SaidRecipe } from '../sentence/SaidRecipe';
import { today } from '../units/days';
import { Marks } from './Marks';
import { progressInWords, wantedLine } from './words';

/** The jobs under way, what is due first on top. */
export function JobsView() {
  const { data: jobs, error } = useJobs();
  return (
    <>
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 2, mb: 2 }}>
        <Typography variant="h1" sx={{ flexGrow: 1 }}>Jobs</Typography>
        <Button component={RouterLink} to="/plan" variant="outlined">Plan a bend</Button>
      </Box>
      {error && <Alert severity="error">{error.message}</Alert>}
      {jobs?.length === 0 && (
        <Typography sx={{ py: 6, textAlign: 'center' }}>No job is under way. Plan a bend and make it a job: so many good pieces by some day.</Typography>
      )}
      <Box component="ul" aria-label="Jobs" sx={{ listStyle: 'none', p: 0, m: 0, display: 'grid', gap: 2, gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '1fr 1fr' } }}>
        {jobs?.map((view) => <OneOfThem key={view.id} view={view} />)}
      </Box>
    </>
  );
}

function OneOfThem({ view: { id, job, progress } }: { view: JobView }) {
  return (
    <Paper component="li" aria-label={job.name} sx={{ p: 2, border: 1, borderColor: 'divider', display: 'flex', gap: 2 }}>
      <PieceGlyph recipe={job.recipe} severity="CLEAN" />
      <Box sx={{ minWidth: 0, flexGrow: 1 }}>
        <Typography variant="h2" component={RouterLink} to={`/plan/jobs/${id}`} sx={{ color: 'primary.main' }}>{job.name}</Typography>
        <Typography>{wantedLine(job, today())}</Typography>
        <Typography variant="body2" color="textSecondary" sx={{ mb: 1 }}><SaidRecipe recipe={job.recipe} /></Typography>
        <Marks progress={progress} />
        <Typography variant="body2">{progressInWords(progress)}</Typography>
      </Box>
    </Paper>
  );
}
