import { Box, Button, Link, Typography } from '@mui/material';
import { Link as RouterLink } from 'react-router';
import { useJobs, useJobWrites } from '../api/jobs';
import type { TrialView } from '../api/schema';
import { useNotice } from '../app/notice';

/** The job a record was for, or the jobs it could have been for. */
export function RecordsJob({ trial }: { trial: TrialView }) {
  const { data: jobs = [] } = useJobs();
  const { recordIsFor } = useJobWrites();
  const notify = useNotice();
  const say = (job: number | undefined) => { recordIsFor.mutate({ trial, job }, { onError: (error) => { notify({ message: error.message }); } }); };
  if (trial.jobId !== undefined) {
    const job = jobs.find(({ id }) => id === trial.jobId);
    return (
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 1, mt: 1.5, minHeight: 40 }}>
        <Typography>For {job ? <Link component={RouterLink} to={`/plan/jobs/${job.id}`}>{job.job.name}</Link> : 'a job that is done with'}</Typography>
        <Button size="small" loading={recordIsFor.isPending} onClick={() => { say(undefined); }}>It was not</Button>
      </Box>
    );
  }
  if (jobs.length === 0) return null;
  return (
    <Box component="details" sx={{ mt: 1.5 }}>
      <Box component="summary" sx={{ cursor: 'pointer', minHeight: 40 }}>It was for a job</Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        {jobs.map(({ id, job }) => <Button key={id} size="small" variant="outlined" onClick={() => { say(id); }}>{job.name}</Button>)}
      </Box>
    </Box>
  );
}
