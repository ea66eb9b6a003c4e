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
};

/** How it ended, in a line: clean; broken: snapped through. */
export function outcomeLine({ severity, flaw }: OutcomeFields): string {
  return flaw ? `${SEVERITY[severity].split(',')[0] ?? ''}: ${FLAW[flaw]}` : SEVERITY[severity];
}
