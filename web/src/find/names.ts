import { useJobs } from '../api/jobs';
import { useNames, useSpecies } from '../api/queries';
import { woodName } from '../recipe/woodNames';

/** What people, boards, sources, jobs and woods are called, by fact and key. */
export function useNamesOfValues(): (fact: string, key: string) => string | undefined {
  const { data: species } = useSpecies();
  const { data: names } = useNames();
  const { data: jobs = [] } = useJobs();
  const named = { person: names?.people, board: names?.boards, source: names?.sources };
  return (fact, key) => {
    if (fact === 'wood') return woodName(species, key);
    if (fact === 'job') return jobs.find(({ id }) => String(id) === key)?.job.name;
    return named[fact as keyof typeof named]?.find(({ id }) => String(id) === key)?.name;
  };
}
