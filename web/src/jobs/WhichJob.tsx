import { Box, Button, Link, Typography } from '@mui/material';
import { Link as RouterLink } from 'react-router';
import { useJobs } from '../api/jobs';

interface WhichJobProps {
  /** Key of the job it is for; none where it is for none. */
  jobId: number | undefined;
  /** What is written on the list of jobs it could be for. */
  ask: string;
  saying?: boolean;
  onSay: (job: number | undefined) => void;
}

/** The job something is for, or the jobs it could be for. */
export function WhichJob({ jobId, ask, saying = false, onSay }: WhichJobProps) {
  const { data: jobs = [] } = useJobs();
  if (jobId !== undefined) {
    return (
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 1, minHeight: 40 }}>
        <Typography>For <JobLink jobId={jobId} /></Typography>
        <Button size="small" loading={saying} onClick={() => { onSay(undefined); }}>It was not</Button>
      </Box>
    );
  }
  if (jobs.length === 0) return null;
  return (
    <Box component="details">
      <Box component="summary" sx={{ cursor: 'pointer', minHeight: 40 }}>{ask}</Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        {jobs.map(({ id, job }) => <Button key={id} size="small" variant="outlined" onClick={() => { onSay(id); }}>{job.name}</Button>)}
      </Box>
    </Box>
  );
}

/** A job by its name, leading to it while it is under way. */
export function JobLink({ jobId }: { jobId: number }) {
  const { data: jobs = [] } = useJobs();
  const job = jobs.find(({ id }) => id === jobId);
  return job ? <Link component={RouterLink} to={`/plan/jobs/${job.id}`}>{job.job.name}</Link> : <>a job that is done with</>;
}
