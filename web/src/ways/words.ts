import type { FellOutView, WayBeside, WayView } from '../api/schema';
import type { UnitSystem } from '../app/units';
import { whoseInWords } from '../odds/groundsInWords';
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
export function triedInWords(way: Tried & Pick<WayView, 'shorterThanSchools'>): string {
  return way.shorterThanSchools ? `${knownInWords(way)}. Heated for a time shorter than any rule of thumb says: try one first` : knownInWords(way);
}

type Tried = Pick<WayView, 'trialsNear' | 'ofThisWood' | 'ofOtherShops' | 'beyondRecords'>;

function knownInWords({ trialsNear, ofThisWood, ofOtherShops, beyondRecords }: Tried): string {
  if (beyondRecords) return 'Beyond your records: none was asked this much';
  if (trialsNear === 0) return 'None of your trials asked about as much';
  const ofWood = ofThisWood === 0 ? 'none' : ofThisWood === trialsNear ? 'all' : ofThisWood;
  return `${whoseInWords(trialsNear, ofOtherShops, 'trials')} asked about as much, ${ofWood} of this wood`;
}

type Equipment = WayBeside['equipment'][number];

/** What is needed at the bench. */
const NEEDED: Record<Equipment, string> = {
  STEAM_BOX: 'steam box',
  STEAM_BAG: 'steam bag',
  HOT_TROUGH: 'trough near boiling',
  SOAKING_TROUGH: 'trough to soak in',
  HOT_PIPE: 'hot pipe',
  STRAP: 'strap with stops',
  FORM: 'form and clamps',
  POSTS: 'posts and blocks',
  PEG_BOARD: 'peg board and centre block',
  GLUING: 'glue and a clamp each 4 in',
  RIPPING: 'saw for thin strips',
  KERF_SAW: 'saw with a fence and pin',
  BACKER: 'backer strip',
  BACKING_SHEET: 'flexible backing sheet',
  PLATE_FRAME: 'former and a frame for the plate',
  METAL_SHEETS: 'two thin metal sheets',
  DRYING_FRAME: 'drying frame',
};

/** What is needed, in the order of work. */
export function neededInWords({ equipment }: Pick<WayBeside, 'equipment'>): string {
  return equipment.map((each) => NEEDED[each]).join(', ');
}

/** What of it is not there, where the rig was described. */
export function missingInWords({ notAtHand }: Pick<WayBeside, 'notAtHand'>): string {
  return notAtHand.length === 0 ? '' : `Not at hand: ${notAtHand.map((each) => (each === 'FORM' ? 'a form for this curve' : NEEDED[each])).join(', ')}`;
}

/** How long somebody has to stand by. */
export function attentionInWords({ attentionHours }: Pick<WayBeside, 'attentionHours'>): string {
  return attentionHours < 0.95 ? `${Math.round(attentionHours * 12) * 5} min of it yours` : `${Number(attentionHours.toFixed(1))} h of it yours`;
}

/** When the piece is off the form. */
export function hoursInWords({ hours }: Pick<WayView, 'hours'>): string {
  if (hours < 36) return `off the form after ${Math.round(hours)} h`;
  return `off the form after ${(hours / 24).toFixed(1).replace('.0', '')} days`;
}
