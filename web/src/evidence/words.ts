import type { Belief, ConstantView, FamilyEvidence, Odds, ProneView, RuleEvidence, SetAside } from '../api/schema';
import type { UnitSystem } from '../app/units';
import { say } from '../messages/evidence';
import { printLength } from '../units/printing';

type Rule = RuleEvidence['rule'];

/** Ways of bending that share what their records say. */
export const FAMILY: Record<FamilyEvidence['family'], string> = { HOT_WOOD: 'Hot solid wood', COLD_PLIES: 'Cold plies', KERFED_WEBS: 'Kerfed webs', PLATES: 'Pressed plates' };

/** A question with its two answers. */
export function questionInWords(rule: Rule): { asks: string; first: string; second: string } {
  return { asks: say(`asks.${rule}`), first: say(`first.${rule}`), second: say(`second.${rule}`) };
}

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

/** Whether the records say something to a question, be it that it does not matter; the others are open. */
export function isSaid(evidence: RuleEvidence): boolean {
  return ['FIRST', 'SECOND', 'NO_DIFFERENCE'].includes(saidBy(evidence));
}

/** The questions the records say something to, what they say most firmly first. */
export function firmestFirst(rules: RuleEvidence[]): RuleEvidence[] {
  const firmness = (each: RuleEvidence) => (saidBy(each) === 'NO_DIFFERENCE' ? 0 : strengthOf(each.tip));
  return rules.filter(isSaid).sort((one, other) => firmness(other) - firmness(one));
}

/** More than so many to one is not told apart. */
const MOST_TO_ONE = 100;

/** How the records tip a question: 4 to 1 for one side, or that it does not matter. */
export function tippedInWords(evidence: RuleEvidence): string {
  const { rule, tip, trials } = evidence;
  const said = saidBy(evidence);
  if (said === 'NO_DIFFERENCE') return say('noDifference', { trials });
  if (said !== 'FIRST' && said !== 'SECOND') return openInWords(evidence);
  const strength = strengthOf(tip);
  const to = strength < 10 ? Number(strength.toFixed(1)) : Math.min(MOST_TO_ONE, Math.round(strength));
  return say('tipped', { to, answer: questionInWords(rule)[said === 'FIRST' ? 'first' : 'second'], trials });
}

/** What an open question rests on, and how many more bends would close it. */
export function openInWords(evidence: RuleEvidence): string {
  const { trials, boards, more } = evidence;
  if (trials === 0) return say('open.none');
  if (boards < 2) return say(boards === 0 ? 'open.nothing' : 'open.oneBoard', { trials });
  return more === 0 ? say('open.shown', { trials }) : say('open.more', { trials, more: roughly(more) });
}

/** A count as far as it can be foretold. */
function roughly(count: number): number {
  const step = count < 10 ? 1 : count < 100 ? 5 : count < 1000 ? 50 : 500;
  return Math.ceil(count / step) * step;
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
  return say('hidden', { share: probability < 0.005 ? 0 : percent(probability), low: Math.floor(low * 100), high: Math.ceil(high * 100) });
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
