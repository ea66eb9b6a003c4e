import type { Dried, LikelyReading, OutcomeFields } from '../api/schema';
import { tenths } from '../units/exact';

export type Severity = OutcomeFields['severity'];
export type Flaw = NonNullable<OutcomeFields['flaw']>;

export type AlongBend = NonNullable<OutcomeFields['flawAt']>;

export const ALONG_BEND: Record<AlongBend, string> = {
  BEGINNING: 'where it begins', FIRST_HALF: 'first half', MIDDLE: 'middle', SECOND_HALF: 'second half', END: 'where it ends',
};

/** Where a flaw is drawn, as a share of the bend. */
export const SHARE_OF_BEND: Record<AlongBend, number> = { BEGINNING: 0, FIRST_HALF: 0.25, MIDDLE: 0.5, SECOND_HALF: 0.75, END: 1 };

export const SEVERITY: Record<Severity, string> = {
  CLEAN: 'clean',
  FLAW: 'flaw, can be mended',
  BROKEN: 'broken',
};

export const FLAW: Record<Flaw, string> = {
  OUTER_SPLINTER: 'splinter or crack outside',
  SNAP: 'snapped through',
  EDGE_CRACK: 'crack at an edge',
  INNER_CREASE: 'crease inside',
  GRAIN_SPLIT: 'split along the grain',
  GLUE_LINE_GAP: 'plies came apart',
  STARVED_GLUE: 'starved glue line',
  PLIES_CREPT: 'plies crept',
  STUCK_TO_FORM: 'stuck to the form',
  FACETS: 'facets show',
  END_TEAR: 'torn at a cut',
  SCORCH: 'scorched',
};

/** What is seen only where there are glue lines, saw cuts, or a pipe. */
export const OF_GLUE: Flaw[] = ['GLUE_LINE_GAP', 'STARVED_GLUE', 'PLIES_CREPT', 'STUCK_TO_FORM'];
export const OF_CUTS: Flaw[] = ['FACETS', 'END_TEAR'];
export const OF_A_PIPE: Flaw[] = ['SCORCH'];

type Cause = LikelyReading['cause'];

/** What was behind a flaw, and what is done about it where no number says by how much. */
export const CAUSE: Record<Cause, { was: string; next: string }> = {
  RUN_OUT: { was: 'The grain ran out through the outer face', next: 'Choose straighter grain, or a strap.' },
  DRY: { was: 'The wood was too dry there to soften', next: 'Soak it, or start wetter.' },
  COLD: { was: 'It was not hot through', next: 'More heat, or more time in it.' },
  COOLED: { was: 'It had stiffened before it was clamped', next: 'Clamp sooner.' },
  AT_THE_LIMIT: { was: 'The curve was at the limit of this section', next: 'A little thinner or gentler.' },
  SLACK: { was: 'The stops left slack, so the strap pulled too late', next: 'Set the stops hard.' },
  KNOT: { was: 'A knot, or the grain round one', next: 'Move the bend along the piece, or choose a clear one.' },
  MANY_PLIES: { was: 'Too many plies to close before the glue set', next: 'Glue in two stacks, or with a slower glue.' },
  BRASH: { was: 'A flaw nobody could see: brash or shaken wood', next: 'Try another board; keep this one for short pieces.' },
  NICKED_EDGE: { was: 'A nick of the saw, or a sharp edge', next: 'Ease the edges before you steam.' },
  TWISTED: { was: 'It twisted, and one edge was stretched more', next: 'Keep it flat to the table, heat it evenly.' },
  CLAMPED_AS_IT_DRIED: { was: 'It shrank in clamps that held it fast', next: 'Leave it loose enough to shrink in the drying frame.' },
  UNEVEN_ENDS: { was: 'The ends were held unevenly', next: 'Even stops, square ends.' },
  HARD_STOPS: { was: 'The stops drove the inner face together', next: 'Ease the stop a little, and widen the face of the form.' },
  LITTLE_GLUE: { was: 'Too little glue, or it was pressed out', next: 'Spread both faces, press by what the glue asks.' },
  GLUE_TOO_OLD: { was: 'The glue had begun to set', next: 'Spread faster, in a cooler shop, or with a slower glue.' },
  CLAMPED_UNEVENLY: { was: 'Clamps set hard at once, or not level', next: 'Snug all of them first, press level with the table, then tighten in order.' },
  NO_RELEASE_LAYER: { was: 'Nothing lay between glue and form', next: 'Wax, tape or film on the form.' },
  WIDE_PITCH: { was: 'The cuts stood too far apart for a round face', next: 'Set the cuts closer.' },
  UNBACKED_CUT: { was: 'The saw came out without a backing', next: 'Saw against a fence board, and cut the piece overlong.' },
  PIPE_TOO_HOT: { was: 'The pipe was too hot for so dry a face', next: 'Keep the face wet, let the pipe cool until drops dance.' },
};

/** How a flaw is mended, where it is. */
export const MENDING: Partial<Record<Flaw, string>> = {
  OUTER_SPLINTER: 'Glue the splinter and bind it at once, while it is hot and open.',
  EDGE_CRACK: 'A hairline takes thin glue that wicks in.',
  GRAIN_SPLIT: 'A hairline takes thin glue that wicks in; bind it.',
  INNER_CREASE: 'Sand it out where it is shallow.',
  GLUE_LINE_GAP: 'Glue and clamp it again.',
  STARVED_GLUE: 'Thin glue into the line, and clamp it again.',
  END_TEAR: 'Glue the torn fibres down and sand.',
  SCORCH: 'Scrape it while it is shallow.',
  FACETS: 'Sand or scrape them round, as deep as the web allows.',
};

/** How it ended, in a line: clean; broken: snapped through. */
export function outcomeLine({ severity, flaw }: OutcomeFields): string {
  return flaw ? `${SEVERITY[severity].split(',')[0] ?? ''}: ${FLAW[flaw]}` : SEVERITY[severity];
}

/** Something else that was seen: crease inside, flaw, in the middle. */
export function alsoInWords({ flaw, severity, flawAt }: NonNullable<OutcomeFields['also']>[number]): string {
  return [FLAW[flaw], severity === 'BROKEN' ? 'broken by it' : undefined, flawAt && ALONG_BEND[flawAt]].filter(Boolean).join(', ');
}

/** How a piece dried by its weigh-ins. */
export function driedInWords({ fromPercent, toPercent, days, weighIns }: Dried): string {
  const how = weighIns === 1 ? 'one weigh-in' : `${weighIns} weigh-ins`;
  return `from ${tenths(fromPercent)} % to ${tenths(toPercent)} % ${days < 1 ? 'within the day' : days === 1 ? 'in a day' : `in ${Math.round(days)} days`}, by ${how}`;
}
