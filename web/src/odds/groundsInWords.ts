import type { Doubt, ForecastAnswer, MissingMeasurement, NearView, SectionView, SpringbackForecast } from '../api/schema';
import type { UnitSystem } from '../app/units';
import { many } from '../units/number';
import { printKnown, printLength, printPull, printTemperature } from '../units/printing';

const DOUBT: Record<Doubt['kind'], (given: string, usual: string) => string> = {
  GREEN_BUT_DRY: (given) => `Green wood at ${given} %? Green stock is wetter than that. Is it dried, or is the reading of another piece?`,
  AIR_DRIED_BUT_DRY: (given) => `Air-dried to ${given} %? The open air hardly dries so far. Was it in a kiln or a heated room?`,
  AIR_DRIED_BUT_WET: (given) => `Air-dried and still at ${given} %? That is nearly green.`,
  KILN_DRIED_BUT_WET: (given) => `Kiln-dried and at ${given} %? Did it stand in the wet, or was it soaked already?`,
  HOTTER_THAN_BOILING: (given, usual) =>
    `${given}? In the open at your height steam and boiling water are at most about ${usual}. Set the height of the shop under Rig if this is wrong. Never seal a chamber or a bag to get it hotter.`,
  HOTTER_THAN_RIG: (given, usual) =>
    `${given} in the chamber? Your rig as you described it gets to about ${usual}: air comes in with the steam, and wet stock dries in it as no forecast here supposes. Look under Rig.`,
  GLUE_SETS_FIRST: (given, usual) => `Spreading and clamping all this takes about ${given} min with two hands, and the glue stays open ${usual} min in this shop. More hands, two stacks, a cooler shop or a slower glue.`,
  THICK_FOR_A_PIPE: (given, usual) => `${given} on a pipe by hand? Beyond about ${usual} the cool back that should hold the outer face is lost before the middle is soft.`,
  THICK_FOR_A_PLATE: (given, usual) => `A plate ${given} thick? They are seldom thicker than ${usual}: it will not follow the former both ways.`,
  SCORCHING_PIPE: (given, usual) => `${given}? From about ${usual} on water skates over the pipe, and dry wood scorches on it. Keep the face wet, or let it cool.`,
  TIGHTER_THAN_A_FORM: (given, usual) => `An inner radius of ${given} for this thickness? Hardly a form can be tighter than ${usual} here.`,
};

/** What is doubted about a temperature. */
const HOT: Doubt['kind'][] = ['HOTTER_THAN_BOILING', 'HOTTER_THAN_RIG', 'SCORCHING_PIPE'];

/** What is doubted about a length. */
const LONG: Doubt['kind'][] = ['TIGHTER_THAN_A_FORM', 'THICK_FOR_A_PIPE', 'THICK_FOR_A_PLATE'];

/** What is asked about a recipe that can hardly be meant. */
export function doubtInWords({ kind, given, usual }: Doubt, system: UnitSystem): string {
  const print =
    HOT.includes(kind)
      ? (value: number) => printTemperature(value, system)
      : LONG.includes(kind)
        ? (value: number) => printLength(value, system)
        : (value: number) => String(Math.round(value * 10) / 10);
  return DOUBT[kind](print(given), print(usual));
}

/** The tables that odds rest on, and what they say without any record: radii of steamed stock for wood that is softened, strengths for dry wood. */
export function tablesInWords(softened: boolean, radiiEstimated: boolean, alone: string): string {
  return softened ? `published radii${radiiEstimated ? ' (estimated for this species)' : ''}. The radii alone say ${alone}.`
    : `published strengths. Those alone say ${alone}.`;
}

/** How far it opens, and the form that allows for it. */
export function springbackInWords(springback: SpringbackForecast, radiusMm: number, system: UnitSystem): string {
  const { releasedRadiusLowMm, releasedRadiusHighMm, measured } = springback;
  const { released, form } = springbackLengths(springback, system);
  const print = (mm: number) => printKnown(mm, { lowMm: releasedRadiusLowMm, highMm: releasedRadiusHighMm }, system);
  const grounds = measured > 0 ? `, going by ${many(measured, 'piece', 'pieces')} you measured` : ', as computed; measure a few to learn yours';
  return (
    `Bent to ${printLength(radiusMm, system)} it comes to about ${released} (${print(releasedRadiusLowMm)} to ` +
    `${print(releasedRadiusHighMm)})${grounds}. To end at ${printLength(radiusMm, system)}, make the form ${form}.`
  );
}

/** The radius a piece opens to and that of the form that allows for it, as surely as they are known. */
export function springbackLengths(springback: SpringbackForecast, system: UnitSystem): { released: string; form: string } {
  const { releasedRadiusMm, releasedRadiusLowMm: lowMm, releasedRadiusHighMm: highMm, formRadiusMm } = springback;
  return { released: printKnown(releasedRadiusMm, { lowMm, highMm }, system), form: printKnown(formRadiusMm, { lowMm, highMm }, system) };
}

const MEASUREMENT: Record<MissingMeasurement['what'], string> = {
  MOISTURE: 'its moisture',
  GRAIN_SLOPE: 'the slope of its grain',
  BOX_HEAT: 'how hot your steam is where the stock lies (a second thermometer there)',
  STEAM_HEAT: 'how fast your steam heats (a probe in the core of a piece, or two trials of 30 and 60 minutes)',
  WATER_UPTAKE: 'how fast your stock takes up water (weigh a piece before and after its soak)',
  STEAM_MOISTURE: 'how wet your steam makes it (weigh a piece before and after a long steaming)',
};

/** What a strap pulls on its anchor and presses on the end grain, and whether it and the wood bear that. */
export function strapInWords(section: Pick<SectionView, 'strapPullN' | 'strapStressMpa' | 'strapBearsMpa' | 'endPressureMpa' | 'endCrushingMpa'>, system: UnitSystem): string {
  const { strapPullN, strapStressMpa, strapBearsMpa, endPressureMpa, endCrushingMpa } = section;
  const share = Math.round((100 * endPressureMpa) / endCrushingMpa);
  const stretches = strapStressMpa > strapBearsMpa ? ' That stretches the strap for good: take a thicker one.' : '';
  const crushes = endPressureMpa > endCrushingMpa ? ' The stops would crush the end grain: ease them, or leave the ends square and wide.' : '';
  return `The strap pulls with ${printPull(strapPullN, system)} on its anchor and presses the end grain with ${share} % of what it bears hot.${stretches}${crushes}`;
}

/** How much of the doubt is about the shop itself. */
export function guessesInWords(guesses: number): string {
  if (guesses < 0.1) return '';
  const part = guesses < 0.25 ? 'A little' : guesses < 0.6 ? 'A good part' : 'Most';
  return `${part} of the doubt is about how your own heat, water and strap work, which nobody has measured.`;
}

/** Which measurement is worth taking, and what it brings. */
export function missingInWords({ what, widthNow, widthThen }: MissingMeasurement): string {
  const narrower = Math.round((1 - widthThen / widthNow) * 100);
  return narrower < 3
    ? `Measuring ${MEASUREMENT[what]} would hardly narrow this.`
    : `Measure ${MEASUREMENT[what]}: on average the range shrinks by ${narrower} %.`;
}

const LIKENESS: Record<NearView['alike'][number], string> = {
  SPECIES: 'same wood',
  STRETCH: 'stretched as much',
  SQUEEZE: 'squeezed as much',
  ACROSS: 'stretched as much across the grain',
  THICKNESS: 'as thick',
  MOISTURE: 'as wet',
  SUPPORT: 'same support',
  BOARD: 'same board',
  PERSON: 'same hands',
};

export function likenessInWords(alike: NearView['alike']): string {
  return alike.length === 0 ? 'little in common' : alike.map((each) => LIKENESS[each]).join(', ');
}

/** Which records stand behind the odds: those of all ways that inform each other, and how many were bent this way. */
export function trialsInWords({ trialsOfFamily, trialsThisWay, trialsNear, ofOtherShops }: Counts, called: string): string {
  const thisWay = trialsThisWay === trialsOfFamily ? '' : `, ${trialsThisWay === 0 ? 'none' : trialsThisWay} of them bent this way`;
  return `${whoseInWords(trialsOfFamily, ofOtherShops.ofFamily, `${called} trials`)}${thisWay}, ${trialsNear} of them asked about as much,`;
}

/** How many of them were about as hard as the bend. */
export function nearInWords({ trialsNear, ofOtherShops }: Pick<Counts, 'trialsNear' | 'ofOtherShops'>): string {
  return `${whoseInWords(trialsNear, ofOtherShops.near, 'bends')} ${trialsNear === 1 ? 'was' : 'were'} about as hard.`;
}

type Counts = Pick<ForecastAnswer['evidence'], 'trialsOfFamily' | 'trialsThisWay' | 'trialsNear' | 'ofOtherShops'>;

/** So many records, one's own told from those of other shops. */
export function whoseInWords(all: number, ofOthers: number, things: string): string {
  return ofOthers === 0 ? `${all} of your ${things}` : `${all - ofOthers} of your ${things} and ${ofOthers} of other shops’`;
}
