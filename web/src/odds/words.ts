import type { ModeForecast, Odds, Reason } from '../api/schema';

/** A probability the way it is said at the bench: 7 in 10, 19 in 20, 1 in 50. */
export function oddsInWords(p: number): string {
  if (p >= 0.995) return 'better than 99 in 100';
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
  if (from >= 9) return `between ${Math.floor(low * 100)} and ${Math.ceil(high * 100)} in 100`;
  if (to <= 1) return `between ${Math.floor(low * 100)} and ${Math.ceil(high * 100)} in 100`;
  return `between ${from} and ${to} in 10`;
}

const FACE = {
  TENSION: 'stretch of the outer face',
  COMPRESSION: 'squeeze of the inner face',
};

/** What limits the bend. */
export function limitInWords(mode: ModeForecast): string {
  const share = Math.round(mode.ratio * 100);
  return `The ${FACE[mode.mode]} limits it: ${share} % of what it bears.`;
}

/** A bend that breaks more rarely than this needs no advice. */
const WORTH_WORRYING = 0.03;

/** How big a reason must be, in log odds, before it is worth a sentence beside a larger one, or alone. */
const WORTH_ADDING = 0.7;
const WORTH_SAYING = 0.05;

const CURE: Record<ModeForecast['mode'], Record<Reason['cause'], string>> = {
  TENSION: {
    CURVE: 'The curve is tight for this thickness. Thin the stock, open the radius or add a strap with stops.',
    CARRY: 'It stiffens on the way from the chamber: clamp sooner, or bend with the bag still on.',
    DRY_WOOD: 'Steam had no time to wet this stock: soak it first, or start with wetter wood.',
    TOO_LITTLE_HEAT: 'It is not soft through: a hotter chamber or more time in it.',
    SLOPING_GRAIN: 'The grain runs out through the outer face: choose a straighter piece.',
    KNOTS: 'Knots or wild grain in the bend: move the bend along the piece or choose a clear one.',
  },
  COMPRESSION: {
    CURVE: 'The curve squeezes the inner face hard. Thin the stock or open the radius; a strap does not help here.',
    CARRY: 'The inner face stiffens on the way from the chamber: clamp sooner.',
    DRY_WOOD: 'The inner half is too dry to fold into the curve: soak it first, or start with wetter wood.',
    TOO_LITTLE_HEAT: 'The inner half is not soft through: a hotter chamber or more time in it.',
    SLOPING_GRAIN: '',
    KNOTS: 'Knots in the bend buckle first: choose a clear piece.',
  },
};

/** The reasons worth saying, the largest first. A cold lamination's curve is cured by thinner plies. */
export function reasonsInWords(mode: ModeForecast, laminated: boolean): string[] {
  if (mode.broken < WORTH_WORRYING) return [];
  return mode.reasons
    .filter((reason, place) => reason.size > (place === 0 ? WORTH_SAYING : WORTH_ADDING))
    .map((reason) =>
      laminated && reason.cause === 'CURVE'
        ? 'The curve is tight for plies this thick. Use thinner plies or open the radius.'
        : CURE[mode.mode][reason.cause],
    )
    .filter((sentence) => sentence !== '');
}

/** Softness in a word. */
export function softnessInWords(softness: number): string {
  if (softness < 0.3) return 'hard';
  if (softness < 0.6) return 'half soft';
  if (softness < 0.85) return 'fairly soft';
  return 'soft';
}
