import type { Belief, ByLuck, ConstantView, FamilyEvidence, Odds, ProneView, RuleEvidence, SetAside } from '../api/schema';
import type { UnitSystem } from '../app/units';
import { many } from '../units/number';
import { printLength } from '../units/printing';

type Rule = RuleEvidence['rule'];

/** Ways of bending that share what their records say. */
export const FAMILY: Record<FamilyEvidence['family'], string> = { HOT_WOOD: 'Hot solid wood', COLD_PLIES: 'Cold plies', KERFED_WEBS: 'Kerfed webs', PLATES: 'Pressed plates' };

/** Each question with its two answers. */
export const RULE: Record<Rule, { asks: string; first: string; second: string }> = {
  RINGS: { asks: 'How should the growth rings lie?', first: 'on edge', second: 'flat to the form' },
  SOAK: { asks: 'Does a soak do more than the water it gets in?', first: 'it helps', second: 'it does not' },
  SOFTENER: { asks: 'Does softener in the soak help?', first: 'it helps', second: 'it does not' },
  GREEN: { asks: 'As green as possible?', first: 'greener is better', second: 'no better than its moisture' },
  WEBBING: { asks: 'Will webbing do for a strap?', first: 'it helps', second: 'it does not' },
  STRAP: { asks: 'A strap always, or only when tight?', first: 'always', second: 'only when tight' },
  END_STOPS: { asks: 'End stops, or will a band alone do?', first: 'end stops', second: 'a band alone' },
  BAG: { asks: 'Does a bag do better than a box?', first: 'the bag is better', second: 'it is not' },
  BARK: { asks: 'Bark on over the bend, or off?', first: 'on is better', second: 'no better than a riven face' },
  THIN_PLIES: { asks: 'Many thin plies, or few thick ones?', first: 'thin ones are better', second: 'no better than computed' },
  BACKING_SHEET: { asks: 'A sheet of plastic or metal behind the plies?', first: 'it helps', second: 'it does not' },
  CLAMP_ORDER: { asks: 'Clamp plies from the middle, or from the tight end?', first: 'from the middle', second: 'from the tight end' },
  CLAMP_FORCE: { asks: 'Clamp plies tight, or firmly?', first: 'tight', second: 'firmly' },
  LONG_STEAM: { asks: 'Does steaming long do more than soften?', first: 'longer is better', second: 'it is not' },
  THREE_QUARTERS_AN_INCH: { asks: 'Steam 45 minutes an inch at least?', first: 'better so', second: 'no better' },
  HOUR_AN_INCH: { asks: 'Steam an hour an inch at least?', first: 'better so', second: 'no better' },
  FLAT_HOUR: { asks: 'Steam a fixed hour at least?', first: 'better so', second: 'no better' },
  TWO_HOURS: { asks: 'Steam two hours at least?', first: 'better so', second: 'no better' },
  HOLD: { asks: 'Against springback: hold longer, or a tighter form?', first: 'holding pays more than computed', second: 'make the form tighter' },
  STEAM_LEFT_ON: { asks: 'Against springback: steam left on after clamping?', first: 'it takes more away than computed', second: 'it does not' },
};

/** What the records say to a question; odds of less than that leave it open. */
const LEANS = 1.5;
/** Odds that are not taken for “no difference”, however little the difference may be. */
const CLEARLY = 3;
/** So likely must it be that there is no difference before that is said; some is likely before any record. */
const SURELY_NONE = 0.75;

type Said = 'NOTHING' | 'ONE_SIDED' | 'NO_DIFFERENCE' | 'UNDECIDED' | 'FIRST' | 'SECOND';

/** For which answer the records speak, if for one. */
export function saidBy({ tip, noMatter, trials, boards }: RuleEvidence): Said {
  const strength = strengthOf(tip);
  if (trials === 0) return 'NOTHING';
  if (trials > 1 && boards < 2) return 'ONE_SIDED';
  if (strength < CLEARLY && noMatter > SURELY_NONE) return 'NO_DIFFERENCE';
  if (strength < LEANS) return 'UNDECIDED';
  return tip > 0.5 ? 'FIRST' : 'SECOND';
}

function strengthOf(tip: number): number {
  const odds = tip / (1 - tip);
  return Math.max(odds, 1 / odds);
}

/** How the records tip a question: 4 to 1 for one side, or undecided. */
export function tippedInWords(evidence: RuleEvidence): string {
  const { rule, tip, trials, boards } = evidence;
  const records = many(trials, 'record', 'records');
  const said = saidBy(evidence);
  if (said === 'NOTHING') return 'No record has a say yet.';
  if (said === 'ONE_SIDED') return `${boards === 0 ? 'Nothing to compare with' : 'One of the ways was bent from one board or on one day alone'}: undecided by ${records}.`;
  if (said === 'NO_DIFFERENCE') return `Most likely no difference worth the name, from ${records}.`;
  if (said === 'UNDECIDED') return `Undecided by ${records}.`;
  const strength = strengthOf(tip);
  const to1 = strength < 10 ? Number(strength.toFixed(1)) : Math.round(strength);
  return `${to1 > 99 ? 'More than 99' : to1} to 1 for “${said === 'FIRST' ? RULE[rule].first : RULE[rule].second}”, from ${records}.`;
}

/** What odds of a rule mean, and how many of the questions asked would stand so were there nothing to any of them. */
export function byLuckInWords({ asked, tipped }: ByLuck): string {
  const means = '“10 to 1” means: where a choice makes no difference worth the name, records lean so far in one shop of eleven.';
  return tipped === 0 ? means : `${means} Of ${asked} questions with nothing to them, ${tipped} would stand so by luck.`;
}

const WHY: Record<SetAside['why'], (value: string) => string> = {
  BROKEN_BUT_MEASURED: (value) => `it broke, yet a radius of ${value} after release was measured`,
  RELEASED_IN_OTHER_UNIT: (value) => `its radius after release, ${value}, looks as if inches and millimetres were mixed up`,
  RELEASED_IMPOSSIBLE: (value) => `no bend opens or closes to ${value} when it is let go`,
  OUT_OF_BOUNDS: (value) => `its sizes, settings or wood (${value} thick) are not among what can be computed any more`,
  HELD_THE_IMPOSSIBLE: (value) => `it is said to have held a radius of ${value}, which no wood that thick holds`,
};

export function setAsideInWords({ why }: SetAside, value: string): string {
  return WHY[why](value);
}

const percent = (share: number) => Math.round(share * 100);

/** The share of pieces that breaks without a reason that was measured. */
export function hiddenShareInWords({ probability, low, high }: Odds): string {
  const about = probability < 0.005 ? 'Fewer than 1' : `About ${percent(probability)}`;
  return `${about} in 100 pieces break for reasons nothing measured here explains (between ${Math.floor(low * 100)} and ${Math.ceil(high * 100)}).`;
}

const times = (value: number) => value.toFixed(1);

/** Less than this more or less often is nothing to speak of. */
const SPEAKS = 0.2;

/** What hides flaws more or less often than the rest of the stock, a sentence each; none where the records say nothing of it. */
export function proneInWords(prone: ProneView[]): string[] {
  return prone.filter((each) => Math.abs(Math.log(each.times)) > SPEAKS).map(({ source, times: often }) => {
    const pieces = source === undefined ? 'Pieces with knots or wild grain in the bend' : `Boards from ${source}`;
    return `${pieces} hide such a flaw ${often > 1 ? `${times(often)} times as often as` : `${times(1 / often)} times less often than`} usual stock.`;
  });
}

function degreesInWords(kelvin: number, system: UnitSystem): string {
  return `${Math.abs(system === 'inch' ? kelvin * 1.8 : kelvin).toFixed(0)} ${system === 'inch' ? '°F' : '°C'}`;
}

/** How much hotter or cooler. */
function shiftInWords(kelvin: number, system: UnitSystem): string {
  return `${degreesInWords(kelvin, system)} ${kelvin < 0 ? 'less' : 'more'}`;
}

type Constant = ConstantView['constant'];

/** Less than this is not worth a number. */
const LEAST_GIVE_MM = 0.1;
const LEAST_COOLER_K = 1;

interface ConstantWords {
  asks: string;
  print: (value: number, system: UnitSystem) => string;
  like: string;
  /** What is said of it before anything is learned, where "usual" has no number worth printing. */
  usually?: string;
  /** Of what can only be worse than was written down: what is said where it is off by less than is worth a number. */
  sound?: { below: number; says: string };
  find: string;
}

/** What a constant of the shop is like, in the words of the trade. */
const CONSTANT: Record<Constant, ConstantWords> = {
  BOX_HEAT: {
    asks: 'How hot your steam is where the stock lies', print: (cooler, system) => (cooler < LEAST_COOLER_K ? 'nothing' : degreesInWords(cooler, system)), like: 'less than was written down',
    usually: 'Taken as written down', sound: { below: LEAST_COOLER_K, says: 'No colder than was written down' },
    find: 'a second thermometer beside the stock',
  },
  STOPS: {
    asks: 'How far the stops of a strap give', print: (value, system) => (value < LEAST_GIVE_MM ? 'nothing' : printLength(value, system)), like: 'beyond the gap written down',
    usually: 'Taken as written down', sound: { below: LEAST_GIVE_MM, says: 'They hold as written down' },
    find: 'a mark across stop and strap before a bend, looked at under pull',
  },
  STEAM_HEAT: { asks: 'How your steam heats', print: times, like: 'times a usual box', find: 'a probe in the core of a piece, or trials of 30 and 60 minutes' },
  WATER_UPTAKE: { asks: 'How fast stock takes up water', print: times, like: 'times what its species would say', find: 'a piece weighed before and after its soak' },
  SOFTENING: { asks: 'At what heat wood softens', print: shiftInWords, like: 'than most wood is taken to', usually: 'As most wood', find: 'trials near the limit, dry and wet' },
  STEAM_MOISTURE: { asks: 'How wet steam makes it', print: (value) => value.toFixed(0), like: '% where the steam reaches', find: 'a piece weighed before and after a long steaming' },
  STRAP_SHARE: { asks: 'How much of a strap works', print: (value) => `${percent(value)}`, like: '% of its steel', find: 'tight bends with the strap and without' },
  CRUSHING: { asks: 'How hard hot wood is to squeeze', print: (value) => `${percent(value)}`, like: '% of dry wood', find: 'thick bends under a strap' },
};

/** Less than this is nothing to speak of. */
const LEARNED = 0.04;

export function constantInWords(about: ConstantView, system: UnitSystem): { asks: string; says: string } {
  const { constant, likely, low, high, usual, learned, rival } = about;
  const { asks, like, usually, sound, find } = CONSTANT[constant];
  const print = (value: number) => CONSTANT[constant].print(value, system);
  if (learned < LEARNED) {
    return { asks, says: `${usually ?? `Taken as usual, ${print(usual)} ${like}`}; nothing learned yet. What would tell: ${find}.` };
  }
  if (sound && likely < sound.below) {
    return { asks, says: `${sound.says}${high < sound.below ? '' : `, or off by ${print(high)} at most`}.` };
  }
  const beside = usually === undefined ? `; usual is ${print(usual)}` : '';
  return { asks, says: `About ${print(likely)} ${like}, between ${print(low)} and ${print(high)}${beside}.${rival ? rivalInWords(about.constant, rival) : ''}` };
}

/** What else would explain the same records, and what would tell the two apart. */
function rivalInWords(constant: Constant, rival: Constant): string {
  const other = CONSTANT[rival].asks;
  return ` The records cannot tell this from “${other.charAt(0).toLowerCase()}${other.slice(1)}”: ${CONSTANT[constant].find} would, or ${CONSTANT[rival].find}.`;
}

/** Where a way to fail shows. */
export const PLACE: Record<Belief['mode'], string> = { TENSION: 'outer face', COMPRESSION: 'inner face', SPLIT: 'across the grain', GLUE_LINE: 'glue line' };

/** An effect on the risk in plain words: how the odds of damage are changed. */
export function effectInWords({ mean, sd }: Pick<Belief, 'mean' | 'sd'>): string {
  if (Math.abs(mean) < 0.05) return 'no different';
  const times = Math.exp(Math.abs(mean));
  const sure = Math.abs(mean) > 1.28 * sd ? '' : ', not sure';
  return `${times.toFixed(1)} × ${mean > 0 ? 'more' : 'less'} trouble${sure}`;
}
