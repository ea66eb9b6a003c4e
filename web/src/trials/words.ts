import type { OutcomeFields } from '../api/schema';

export type Severity = OutcomeFields['severity'];
export type Flaw = NonNullable<OutcomeFields['flaw']>;

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

/** How it ended, in a line: clean; broken: snapped through. */
export function outcomeLine({ severity, flaw }: OutcomeFields): string {
  return flaw ? `${SEVERITY[severity].split(',')[0] ?? ''}: ${FLAW[flaw]}` : SEVERITY[severity];
}
