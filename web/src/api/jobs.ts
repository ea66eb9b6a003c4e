import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, body } from './client';
import { LISTED } from './queries';
import type { JobFields, JobView, TrialView } from './schema';

const JOBS = ['jobs'];

export function useJobs() {
  return useQuery({ queryKey: JOBS, queryFn: () => body(api.GET('/api/jobs')) });
}

/** How many pieces of a job are still to be started, for the state it was in when it was looked at. */
export function useOutstanding({ id, version, progress }: JobView) {
  return useQuery({
    // odds change with the records, so it lies among the forecasts
    queryKey: ['forecast', 'outstanding', id, version, progress],
    queryFn: () => body(api.GET('/api/jobs/{id}/outstanding', { params: { path: { id } } })),
  });
}

export function useJobWrites() {
  const client = useQueryClient();
  const onSuccess = () => client.invalidateQueries({ queryKey: JOBS });
  const place = ({ id, version }: Pick<JobView, 'id' | 'version'>) => ({ params: { path: { id }, query: { version } } });
  return {
    takeOn: useMutation({ mutationFn: (job: JobFields) => body(api.POST('/api/jobs', { body: job })), onSuccess }),
    change: useMutation({
      mutationFn: ({ view, job }: { view: Pick<JobView, 'id' | 'version'>; job: JobFields }) => body(api.PUT('/api/jobs/{id}', { ...place(view), body: job })), onSuccess,
    }),
    close: useMutation({ mutationFn: (view: JobView) => body(api.DELETE('/api/jobs/{id}', place(view))), onSuccess }),
    takeUpAgain: useMutation({ mutationFn: (id: number) => body(api.POST('/api/jobs/{id}/restoration', { params: { path: { id } } })), onSuccess }),
    /** Says for which job a record was, or that it was for none. */
    recordIsFor: useMutation({
      mutationFn: ({ trial, job }: { trial: TrialView; job: number | undefined }) =>
        body(api.PUT('/api/trials/{id}/job', { params: { path: { id: trial.id }, query: { version: trial.version, ...(job === undefined ? {} : { job }) } } })),
      onSuccess: (trial) => {
        client.setQueryData(['trials', 'one', trial.id], trial);
        return Promise.all([onSuccess(), client.invalidateQueries({ queryKey: LISTED })]);
      },
    }),
  };
}
