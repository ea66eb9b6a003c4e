import type { FellOutView, WayView } from '../api/schema';
import type { UnitSystem } from '../app/units';
import { oddsInWords } from '../odds/words';
import { processLine, shapeLine, stockLine } from '../recipe/words';

type Cause = FellOutView['because'];

const BECAUSE: Partial<Record<Cause, string>> = {
  CURVE: 'the curve is too tight for the section and support',
  CARRY: 'it stiffens before it is clamped',
  DRY_WOOD: 'the wood is too dry for steam to soften in that time',
  TOO_LITTLE_HEAT: 'it is not heated through',
  SLOPING_GRAIN: 'the grain runs out',
  SPECIES: 'that wood does badly in your records',
  MANY_PLIES: 'there are too many plies to glue at once',
};

/** Why a group of ways fell out, with the one that came nearest. */
export function fellOutInWords({ because, count, best, unbroken }: FellOutView, system: UnitSystem): string {
  const why = BECAUSE[because] ?? 'your records speak against them';
  return (
    `${count} because ${why}. The nearest of them, ${oddsInWords(unbroken)}: ${stockLine(best)}, ${processLine(best, system)}, ` +
    `${shapeLine(best, system)}.`
  );
}

/** How far the records go towards a way. */
export function triedInWords(way: Pick<WayView, 'trialsNear' | 'ofThisWood' | 'beyondRecords' | 'shorterThanSchools'>): string {
  return way.shorterThanSchools ? `${knownInWords(way)}. Steamed shorter than any rule of thumb says: try one first` : knownInWords(way);
}

function knownInWords({ trialsNear, ofThisWood, beyondRecords }: Pick<WayView, 'trialsNear' | 'ofThisWood' | 'beyondRecords'>): string {
  if (beyondRecords) return 'Beyond your records: none was asked this much';
  if (trialsNear === 0) return 'None of your trials asked about as much';
  const ofWood = ofThisWood === 0 ? 'none' : ofThisWood === trialsNear ? 'all' : ofThisWood;
  return `${trialsNear} of your trials asked about as much, ${ofWood} of this wood`;
}

/** When the piece is off the form. */
export function hoursInWords({ hours }: Pick<WayView, 'hours'>): string {
  if (hours < 36) return `off the form after ${Math.round(hours)} h`;
  return `off the form after ${(hours / 24).toFixed(1).replace('.0', '')} days`;
}
