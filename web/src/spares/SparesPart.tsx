import { Dimmed } from '../app/Dimmed';
import { usePlan } from '../plan/usePlan';
import { SparesPanel } from './SparesPanel';

/** How many blanks to cut for the planned bend. */
export function SparesPart() {
  const { answer, current } = usePlan();
  return answer ? <Dimmed old={!current}><SparesPanel recipe={answer.recipe} /></Dimmed> : null;
}
