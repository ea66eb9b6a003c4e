import { FIRST_RECIPE, type RecipeForm } from '../recipe/form';
import type { AlongBend, Flaw, Severity } from '../trials/words';

/** Where a trial being written down is kept until it is saved. */
export const LOG_DRAFT = 'brachion.log';

/** Something else that was seen; nothing is chosen until the person chooses. */
export interface SeenForm {
  flaw?: Flaw;
  severity?: Severity;
  flawAt?: AlongBend;
}

/** How a trial came out, as it is typed; nothing is chosen until the person chooses. */
export interface OutcomeForm {
  severity?: Severity;
  flaw?: Flaw;
  flawAt?: AlongBend;
  /** What else was seen. */
  also: SeenForm[];
  /** What the curve after release is told by. */
  curveBy: 'RADIUS' | 'RISE' | 'GAP';
  releasedRadius: string;
  chord: string;
  rise: string;
  gap: string;
  twist: string;
  cup: string;
  mended: string;
  nextTime: string;
  bentOn: string;
  note: string;
}

export interface TrialForm {
  recipe: RecipeForm;
  done?: DoneForm;
  outcome: OutcomeForm;
}

/** Minutes, hours, days or seconds as typed, where a stage went otherwise than planned, and the chamber as written down. */
export interface DoneForm {
  soakHours: string;
  /** In whatever heats it. */
  steamMinutes: string;
  steamOn: string;
  carrySeconds: string;
  formHours: string;
  rackDays: string;
  chamber: string;
}

/** Everything went as planned. */
export const AS_PLANNED: DoneForm = { soakHours: '', steamMinutes: '', steamOn: '', carrySeconds: '', formHours: '', rackDays: '', chamber: '' };

/** An empty day means today. */
export const EMPTY_OUTCOME: OutcomeForm = {
  also: [], curveBy: 'RADIUS', releasedRadius: '', chord: '', rise: '', gap: '', twist: '', cup: '', mended: '', nextTime: '', bentOn: '', note: '',
};

export const FIRST_TRIAL: TrialForm = { recipe: FIRST_RECIPE, outcome: EMPTY_OUTCOME };
