import { useJobs } from '../api/jobs';
import type { JobView } from '../api/schema';
import { useStored } from '../app/storage';
import { PLANNED_JOB, type PlannedJob } from './draft';

/** The job the plan in this browser is for, as long as it is under way, and how to leave it. */
export function usePlannedJob(): [JobView | undefined, () => void] {
  const [kept, keep] = useStored<PlannedJob>(PLANNED_JOB, {});
  const { data: jobs } = useJobs();
  return [jobs?.find(({ id }) => id === kept.job), () => { keep({}); }];
}
