import type { FellOutView, WayBeside, WayView } from '../api/schema';
import type { UnitSystem } from '../app/units';
import { METHOD, factsOf } from '../methods/forms';
import { say } from '../messages/ways';
import { whoseInWords } from '../odds/groundsInWords';
import { oddsInWords } from '../odds/words';
import { pliesInWords, processLine, shapeLine, stockLine } from '../recipe/words';

const CAUSES = ['CURVE', 'CARRY', 'DRY_WOOD', 'TOO_LITTLE_HEAT', 'SLOPING_GRAIN', 'SPECIES', 'MANY_PLIES'] as const;

/** Why a group of ways fell out, with the one that came nearest. */
export function fellOutInWords({ because, count, best, unbroken }: FellOutView, system: UnitSystem): string {
  const cause = CAUSES.find((each) => each === because) ?? 'ofRecords';
  return say('fellOut', {
    count, why: say(`because.${cause}`), odds: oddsInWords(unbroken), recipe: `${stockLine(best)}, ${processLine(best, system)}, ${shapeLine(best, system)}`,
  });
}

/** How far the records go towards a way. */
export function triedInWords(way: Tried & Pick<WayView, 'shorterThanSchools'>): string {
  const known = knownInWords(way);
  return way.shorterThanSchools ? say('known.shorter', { known }) : known;
}

type Tried = Pick<WayView, 'trialsNear' | 'ofThisWood' | 'ofOtherShops' | 'beyondRecords'>;

function knownInWords({ trialsNear, ofThisWood, ofOtherShops, beyondRecords }: Tried): string {
  if (beyondRecords) return say('known.beyond');
  if (trialsNear === 0) return say('known.none');
  const ofWood = ofThisWood === 0 ? say('known.noneOfWood') : ofThisWood === trialsNear ? say('known.all') : ofThisWood;
  return say('known.near', { whose: whoseInWords(trialsNear, ofOtherShops, 'bends'), trials: trialsNear, ofWood });
}

/** What is needed, in the order of work. */
export function neededInWords({ equipment }: Pick<WayBeside, 'equipment'>): string {
  return equipment.map((each) => say(`needs.${each}`)).join(', ');
}

/** What of it is not there, where the rig was described; nothing where all is. */
export function missingInWords({ notAtHand }: Pick<WayBeside, 'notAtHand'>): string {
  return notAtHand.map((each) => (each === 'FORM' ? say('missing.FORM') : say(`needs.${each}`))).join(', ');
}

/** What speaks against a way, shortly; nothing where nothing is known. */
export function againstInWords({ limiting, beyondRecords, trialsThisWay, unbroken }: Pick<WayBeside, 'limiting' | 'beyondRecords' | 'trialsThisWay' | 'unbroken'>, wanted: number): string {
  const limits = unbroken.probability >= wanted ? [] : [say(`against.${limiting.mode}`)];
  return [...limits, ...(trialsThisWay === 0 ? [say('untried')] : beyondRecords ? [say('beyond')] : [])].join(', ');
}

/** How it is done, in a line under its name. */
export function howInWords(recipe: WayBeside['recipe'], system: UnitSystem): string {
  const done = processLine(recipe, system);
  return factsOf(recipe.method).plies > 1 ? `${pliesInWords(recipe, system)}, ${done}` : done;
}

/** Hours as they are said of work: 45 min, 1.5 h, 3 days. */
export function hoursInWords(hours: number): string {
  if (hours < 0.95) return say('minutes', { minutes: Math.round(hours * 12) * 5 });
  if (hours < 10) return say('hours', { hours: Number(hours.toFixed(1)) });
  return hours < 36 ? say('hours', { hours: Math.round(hours) }) : daysInWords(hours / 24);
}

/** Days as they are said, a half counted while they are few. */
export function daysInWords(days: number): string {
  return say('days', { days: days < 5 ? Math.round(days * 2) / 2 : Math.round(days) });
}

/** When a piece is off the form and dry [h]; none where it never is. */
export function doneHours({ hours, dryDays }: Pick<WayBeside, 'hours' | 'dryDays'>): number | undefined {
  return dryDays === undefined ? undefined : hours + 24 * dryDays;
}

/** What cannot make it, whatever is set. */
export function impossibleInWords(kinds: WayBeside['recipe']['method']['kind'][]): string {
  return say('impossible', { ways: kinds.map((kind) => METHOD[kind].toLowerCase()).join(', ') });
}
