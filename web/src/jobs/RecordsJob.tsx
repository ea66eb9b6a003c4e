import { Box } from '@mui/material';
import { useJobWrites } from '../api/jobs';
import type { TrialView } from '../api/schema';
import { useNotice } from '../app/notice';
import { WhichJob } from './WhichJob';

/** The job a record was for, or the jobs it could have been for. */
export function RecordsJob({ trial }: { trial: TrialView }) {
  const { recordIsFor } = useJobWrites();
  const notify = useNotice();
  return (
    <Box sx={{ mt: 1.5 }}>
      <WhichJob jobId={trial.jobId} ask="It was for a job" saying={recordIsFor.isPending}
        onSay={(job) => { recordIsFor.mutate({ trial, job }, { onError: (error) => { notify({ message: error.message }); } }); }} />
    </Box>
  );
}
