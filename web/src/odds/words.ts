import type { BlemishForecast, ModeForecast, Odds, Reason, RecipeFields, SectionView } from '../api/schema';
import { factsOf, isSectionOf } from '../methods/forms';
import type { MethodForm } from '../methods/method';

/** Fewer records than this cannot show that 99 in 100 hold. */
const ENOUGH_FOR_99 = 300;

/**
 * A probability the way it is said at the bench: 7 in 10, 19 in 20, 1 in 50.
 *
 * @param records how many records stand behind it; without enough of them nothing is said to be surer than 49 in 50
 */
export function oddsInWords(p: number, records = 0): string {
  if (p >= 0.995 && records >= ENOUGH_FOR_99) return 'better than 99 in 100';
  if (p > 0.975) return '49 in 50';
  if (p > 0.925) return '19 in 20';
  if (p < 0.005) return 'less than 1 in 100';
  if (p < 0.025) return '1 in 50';
  if (p < 0.075) return '1 in 20';
  return `${Math.round(p * 10)} in 10`;
}

/** The range: between 6 and 9 in 10. */
export function rangeInWords({ low, high }: Odds): string {
  const from = Math.floor(low * 10);
  const to = Math.ceil(high * 10);
  if (from >= 9 && high > 0.99) return `${Math.floor(low * 100)} in 100 at worst`;
  if (to <= 1 && low < 0.01) return `${Math.ceil(high * 100)} in 100 at best`;
  if (from >= 9) return `between ${Math.floor(low * 100)} and ${Math.ceil(high * 100)} in 100`;
  if (to <= 1) return `between ${Math.floor(low * 100)} and ${Math.ceil(high * 100)} in 100`;
  return `between ${from} and ${to} in 10`;
}

/** How large a part of the pieces breaks without a reason that was measured. */
export function hiddenInWords(hidden: number, trials: number): string {
  const share = hidden < 0.005 ? 'fewer than 1 in 100' : `${Math.round(hidden * 100)} in 100`;
  return trials < FEW
    ? `Of these, ${share} are taken to break for no reason anyone can see, until your own bends say better.`
    : `Of these, ${share} of your pieces break for no reason we can see.`;
}

/** With fewer trials than this a share of one in some dozens is still taken for granted. */
const FEW = 15;

const FACE: Record<ModeForecast['mode'], string> = {
  TENSION: 'stretch of the outer face',
  COMPRESSION: 'squeeze of the inner face',
  SPLIT: 'stretch across the grain',
  GLUE_LINE: 'glue line',
};

/** Of what the section is that decides, where it is not the whole piece. */
function decidesInWords(recipe: RecipeFields, section: Pick<SectionView, 'thicknessMm'>): string {
  const { cuts, cleanMm, thinnedMm } = factsOf(recipe.method);
  if (thinnedMm !== undefined && thinnedMm < recipe.blank.thicknessMm) return isSectionOf(thinnedMm, section) ? ' where it is thinned' : ' where the thinning ends';
  if (cleanMm !== undefined && isSectionOf(cleanMm, section)) return ' of the clean ply';
  return cuts ? ' of a web' : '';
}

/** What limits a bend; of what it is a face, where that is not the whole piece. */
export function limitInWords(mode: Pick<ModeForecast, 'mode' | 'ratio'>, recipe: RecipeFields, section: Pick<SectionView, 'thicknessMm'>): string {
  const of = decidesInWords(recipe, section);
  const share = Math.round(mode.ratio * 100);
  return mode.mode === 'GLUE_LINE'
    ? `The glue line limits it: the plies pull at ${share} % of what structural rules allow.`
    : `The ${FACE[mode.mode]}${of} limits it: ${share} % of what 19 in 20 clear pieces stand.`;
}

/** A piece spoilt more rarely than this is not worth a line. */
const WORTH_A_LINE = 0.02;

const SPOILT: Record<BlemishForecast['blemish'], { does: string; cure: string }> = {
  SCORCH: { does: 'scorch on the pipe', cure: 'Keep the face wet, let the pipe cool until drops dance.' },
  FACETS: { does: 'show flats between the cuts', cure: 'Set the cuts closer together.' },
  PLIES_CREPT: { does: 'have plies that creep', cure: 'Snug the clamps first, press the plies level with the table, check again after some minutes.' },
  STUCK_TO_FORM: { does: 'stick to the form', cure: 'Lay wax paper or film between piece and form.' },
};

/** What most likely spoils a piece that holds, with what the records have seen of it and what to do about it. */
export function blemishesInWords(blemishes: BlemishForecast[]): string[] {
  return blemishes.filter(({ chance }) => chance >= WORTH_A_LINE).slice(0, 1).map(({ blemish, chance, seen, of }) => {
    const { does, cure } = SPOILT[blemish];
    const records = of === 0 ? '' : ` (of your last ${of} this way ${seen === 0 ? 'none' : seen} did)`;
    return `About ${Math.round(100 * chance)} in 100 that hold ${does}${records}. ${cure}`;
  });
}

/** A bend that breaks more rarely than this needs no advice. */
const WORTH_WORRYING = 0.03;

/** How big a reason must be, in log odds, before it is worth a sentence beside a larger one, or alone. */
const WORTH_ADDING = 0.7;
const WORTH_SAYING = 0.05;

type Cause = Reason['cause'];

/** What to do about each cause, whichever way the piece gives up. A term that is only weighed has nothing to do about it. */
const CURE: Partial<Record<Cause, string>> = {
  CURVE: 'The curve is tight for this thickness. Thin the stock, open the radius or add a strap with stops.',
  CARRY: 'It stiffens on the way from the heat: clamp sooner, or bend with the bag still on.',
  DRY_WOOD: 'Too dry to soften in that time. Soak it overnight, or start with wetter wood.',
  TOO_LITTLE_HEAT: 'It is not soft through: more heat, or more time in it.',
  SLOPING_GRAIN: 'The grain runs out through the outer face: choose a straighter piece.',
  KNOTS: 'Knots or wild grain in the bend: move the bend along the piece or choose a clear one.',
  STRAP_SLACK: 'The stops leave slack, so the strap pulls too late: set them hard against the ends.',
  BARK: 'In your records bark left on does harm.',
  BACKING_SHEET: 'In your records plies with a sheet behind them tear more often.',
  BACKED: 'In your records a band that is not held at its ends does harm.',
  MANY_PLIES: 'Many plies to keep in order while the glue stands open: spread faster, or glue in two stacks.',
  SHOP_PHYSICS: 'In your records heat, water or strap do less here than usual: see Evidence for what they have shown.',
  SPECIES: 'This wood has been breaking sooner for you than the books say.',
  PERSON: 'In your records these hands break more than others.',
  BOARD: 'In your records this board does worse than its like.',
  SOURCE: 'In your records stock from there does worse.',
  SHOP: 'In that shop pieces do worse than in yours.',
  RINGS_ON_EDGE: 'In your records stock with its rings on edge does worse.',
  RINGS_FLAT: 'In your records stock with its rings flat to the form does worse.',
  RINGS_RIFT: 'In your records rift stock does worse.',
  RINGS_MIXED: 'In your records stock with turning rings does worse.',
  SOFTENER: 'In your records softener in the soak does harm.',
  SOAKED: 'In your records soaked stock does worse than its moisture says.',
  GREEN_STOCK: 'In your records green stock does worse than its moisture says.',
  WEBBING: 'In your records webbing does worse than no support.',
  STEAM_BAG: 'In your records bag steaming does worse than its heat says.',
  STEAM_IN_PLACE: 'In your records steaming in place does worse than its heat says.',
  HOT_BATH: 'In your records the hot bath does worse than its heat and water say.',
  HOT_PIPE: 'In your records the hot pipe does worse than its heat says.',
  FREE_BENDING: 'In your records bending freely does worse than its tightest place says.',
  STEAMED_PLIES: 'In your records steamed plies do worse than each would alone.',
  KERFED_PLIES: 'In your records kerfed plies do worse than their webs and the clean ply say.',
  GREEN_ROD: 'In your records rods do worse than their thinned section says.',
  WASHED_OUT: 'The water washes the plate out and leaves it brittle: seal it in a bag.',
  FEWER_ROUNDS: 'In your records plates pushed home in few rounds do worse.',
  PLYWOOD: 'In your records plywood snaps where solid wood would hold.',
  LONG_STEAM: 'In your records long steaming does harm.',
  GLUE_EPOXY: 'In your records epoxy opens more often.',
  GLUE_POLYURETHANE: 'In your records polyurethane opens more often.',
  GLUE_UREA_RESIN: 'In your records urea resin opens more often.',
  GLUE_HIDE: 'In your records hide glue opens more often.',
  FROM_THE_MIDDLE: 'In your records stacks clamped from the middle open more often.',
  FROM_THE_TIGHT_END: 'In your records stacks clamped from the tight end open more often.',
  CLAMPED_FIRMLY: 'In your records stacks clamped firmly open more often than tighter ones.',
  CLAMPED_TIGHT: 'In your records stacks clamped tight open more often.',
};

/** The inner face is cured otherwise. */
const INNER_CURE: Partial<Record<Cause, string>> = {
  CURVE: 'The curve squeezes the inner face hard. Thin the stock or open the radius; a strap does not help here.',
  CARRY: 'The inner face stiffens on the way from the heat: clamp sooner.',
  DRY_WOOD: 'The inside is too dry to fold into the curve. Soak it overnight, or start with wetter wood.',
  TOO_LITTLE_HEAT: 'The inner half is not soft through: more heat, or more time in it.',
  KNOTS: 'Knots in the bend buckle first: choose a clear piece.',
};

function cure(mode: ModeForecast['mode'], cause: Cause, method: Pick<MethodForm, 'curveCure'>): string {
  if (method.curveCure && cause === 'CURVE') return method.curveCure;
  return (mode === 'COMPRESSION' ? INNER_CURE[cause] : undefined) ?? CURE[cause] ?? '';
}

/** The reasons worth saying, the largest first, each with its cure; a method may cure its curve in its own way. */
export function reasonsInWords(mode: ModeForecast, method: Pick<MethodForm, 'curveCure'>): string[] {
  if (mode.broken < WORTH_WORRYING) return [];
  return mode.reasons
    .filter((reason, place) => reason.size > (place === 0 ? WORTH_SAYING : WORTH_ADDING))
    .map((reason) => cure(mode.mode, reason.cause, method))
    .filter((sentence) => sentence !== '');
}

/** Softness in a word. */
export function softnessInWords(softness: number): string {
  if (softness < 0.3) return 'hard';
  if (softness < 0.6) return 'half soft';
  if (softness < 0.85) return 'fairly soft';
  return 'soft';
}
