import type { OutcomeFields, TrialView } from '../api/schema';
import type { UnitSystem } from '../app/units';
import { exactLength } from '../units/exact';
import type { Reading, Typed } from '../units/reading';
import { EMPTY_OUTCOME, type OutcomeForm } from './draft';

/** What is measured on a bent piece. */
export type MeasuredAfter = 'released' | 'chord' | 'rise' | 'gap' | 'twist' | 'cup';

/** How the curve after release can be told. */
export const CURVE_BY: Record<OutcomeForm['curveBy'], string> = { RADIUS: 'its radius', RISE: 'chord and rise', GAP: 'gap to the pattern' };

/** A draft kept by an older version of the page may lack what has come since. */
export function completedOutcome(kept: Partial<OutcomeForm>): OutcomeForm {
  return { ...EMPTY_OUTCOME, ...kept };
}

/** What is typed of it that is measured; a broken piece has no curve after release. */
export function outcomeTyped(outcome: OutcomeForm): Partial<Record<MeasuredAfter, Typed>> {
  const { curveBy, releasedRadius, chord, rise, gap, twist, cup } = outcome;
  const length = (text: string): Typed => ({ measurement: 'LENGTH', text });
  if (outcome.severity === 'BROKEN') return {};
  const curve: Partial<Record<MeasuredAfter, Typed>> = {
    RADIUS: { released: length(releasedRadius) }, RISE: { chord: length(chord), rise: length(rise) }, GAP: { chord: length(chord), gap: length(gap) },
  }[curveBy];
  return { ...curve, twist: { measurement: 'ANGLE', text: twist }, cup: length(cup) };
}

/** What keeps an outcome from being written down, as a sentence. */
export function missingFromOutcome({ severity, flaw, also }: OutcomeForm, read: Partial<Record<MeasuredAfter, Reading>>): string | undefined {
  if (!severity) return 'Say how it came out: clean, flawed or broken.';
  if (severity !== 'CLEAN' && !flaw) return 'Say what was seen on the piece.';
  if (severity !== 'CLEAN' && also.some((seen) => !seen.flaw || !seen.severity)) return 'Say what else was seen and how bad it is, or take that line away.';
  return Object.values(read).find(({ error }) => error)?.error;
}

/** How it ended, as it is written down; nothing is missing from it. */
export function outcomeOf(outcome: OutcomeForm, read: Partial<Record<MeasuredAfter, Reading>>): OutcomeFields {
  const { severity = 'CLEAN', flaw, flawAt, also, mended, nextTime } = outcome;
  return {
    severity, flaw: severity === 'CLEAN' ? undefined : flaw, flawAt: severity === 'CLEAN' ? undefined : flawAt, also: severity === 'CLEAN' || also.length === 0 ? undefined : also, mended, nextTime,
    releasedRadiusMm: read.released?.value, releasedChordMm: read.chord?.value, releasedRiseMm: read.rise?.value, releasedGapMm: read.gap?.value,
    twistDegrees: read.twist?.value, cupMm: read.cup?.value,
  } as OutcomeFields;
}

/** A stored ending as it would be typed. */
export function outcomeForm({ outcome, bentOn, note }: TrialView, system: UnitSystem): OutcomeForm {
  const length = (mm: number | undefined) => (mm === undefined ? '' : exactLength(mm, system));
  const { severity, flaw, flawAt, also = [], releasedChordMm, releasedRiseMm } = outcome;
  return {
    severity, ...(flaw ? { flaw } : {}), ...(flawAt ? { flawAt } : {}), also, bentOn, note,
    curveBy: releasedChordMm === undefined ? 'RADIUS' : releasedRiseMm === undefined ? 'GAP' : 'RISE',
    releasedRadius: length(releasedChordMm === undefined ? outcome.releasedRadiusMm : undefined), chord: length(releasedChordMm), rise: length(releasedRiseMm),
    gap: length(outcome.releasedGapMm), twist: outcome.twistDegrees?.toString() ?? '', cup: length(outcome.cupMm), mended: outcome.mended ?? '', nextTime: outcome.nextTime ?? '',
  };
}
