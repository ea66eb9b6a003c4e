import { Dimmed } from '../app/Dimmed';
import { usePlan } from '../plan/usePlan';
import { Ladders } from './Ladders';
import { TellingTrials } from './TellingTrials';

/** What to try next towards the planned bend, and in which steps. */
export function NextPart() {
  const { answer, current, take } = usePlan();
  if (!answer) return null;
  return (
    <Dimmed old={!current}>
      <Ladders recipe={answer.recipe} onTake={take} />
      <TellingTrials recipe={answer.recipe} onTake={take} />
    </Dimmed>
  );
}
