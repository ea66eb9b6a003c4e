import type { ChainFields, StretchFields } from '../api/schema';
import type { UnitSystem } from '../app/units';
import type { Reading, Typed } from '../units/reading';

/** What can be typed of a part of a curve. */
export const MEASURED = { lengthMm: 'LENGTH', innerRadiusMm: 'LENGTH', angleDegrees: 'ANGLE' } as const;
/** Left over at an end, where nobody said otherwise [mm]: four inches or ten centimetres (common practice). */
export const USUAL_OVERHANG_MM: Record<UnitSystem, number> = { inch: 101.6, metric: 100 };
export type Measure = keyof typeof MEASURED;

/** A part of a curve as it is worked on: its values, and what was typed over them. */
export interface DraftStretch extends Record<Measure, number> {
  kind: StretchFields['kind'];
  turn: NonNullable<StretchFields['turn']>;
  typed: Partial<Record<Measure, string>>;
}

/** A curve as it is worked on. */
export interface CurveDraft {
  name: string;
  stretches: DraftStretch[];
  strapTurned: boolean;
  /** Left over at each end to be held by and cut off, where somebody said. */
  overhangMm?: number;
  /** What was typed over it. */
  overhangTyped?: string | undefined;
}

/** Where the curve is kept between visits. */
export const CURVE_DRAFT = 'brachion.curve';

/** What a straight becomes when it is made an arc, and the other way round. */
const OTHERWISE = { lengthMm: 100, innerRadiusMm: 200, angleDegrees: 45, turn: 'LEFT' } as const;

export function draftStretch(fields: StretchFields): DraftStretch {
  return { ...OTHERWISE, ...fields, typed: {} };
}

export function draftOf(chain: ChainFields, name = '', strapTurned = false, overhangMm?: number): CurveDraft {
  return { name, strapTurned, ...(overhangMm === undefined ? {} : { overhangMm }), stretches: chain.stretches.map(draftStretch) };
}

/** Where what is typed of the overhang is read. */
export const OVERHANG = 'overhang';

/** What goes over at each end; nothing while what is typed cannot be read. */
export function overhangOf({ overhangMm, overhangTyped }: CurveDraft, readings: Record<string, Reading>, system: UnitSystem): number | undefined {
  return overhangTyped === undefined ? overhangMm ?? USUAL_OVERHANG_MM[system] : readings[OVERHANG]?.value;
}

/** What matters of a part of its kind. */
export const ASKED: Record<DraftStretch['kind'], Measure[]> = { STRAIGHT: ['lengthMm'], ARC: ['innerRadiusMm', 'angleDegrees'] };

/** Everything that is typed and not yet taken for a value, by the part and what is measured of it. */
export function typedOf({ stretches, overhangTyped }: CurveDraft): Record<string, Typed> {
  const fields = stretches.flatMap((stretch, index) =>
    ASKED[stretch.kind].flatMap((measure): [string, Typed][] => {
      const text = stretch.typed[measure];
      return text === undefined ? [] : [[fieldOf(index, measure), { measurement: MEASURED[measure], text }]];
    }));
  return { ...Object.fromEntries(fields), ...(overhangTyped === undefined ? {} : { [OVERHANG]: { measurement: 'LENGTH', text: overhangTyped } }) };
}

export function fieldOf(index: number, measure: Measure): string {
  return `${index}.${measure}`;
}

/** The curve with what was typed put in; nothing while some of it is still being read or cannot be. */
export function chainOf({ stretches }: CurveDraft, readings: Record<string, Reading>): ChainFields | undefined {
  const parts: StretchFields[] = [];
  for (const [index, stretch] of stretches.entries()) {
    const value = (measure: Measure) => (stretch.typed[measure] === undefined ? stretch[measure] : readings[fieldOf(index, measure)]?.value);
    if (stretch.kind === 'STRAIGHT') {
      const lengthMm = value('lengthMm');
      if (lengthMm === undefined) return undefined;
      parts.push({ kind: 'STRAIGHT', lengthMm });
    } else {
      const innerRadiusMm = value('innerRadiusMm');
      const angleDegrees = value('angleDegrees');
      if (innerRadiusMm === undefined || angleDegrees === undefined) return undefined;
      parts.push({ kind: 'ARC', innerRadiusMm, angleDegrees, turn: stretch.turn });
    }
  }
  return parts.length > 0 ? { stretches: parts } : undefined;
}

/** A part with another value; what was typed of it is over. */
export function withValue(stretch: DraftStretch, measure: Measure, value: number): DraftStretch {
  const typed = Object.fromEntries(Object.entries(stretch.typed).filter(([each]) => each !== measure));
  return { ...stretch, [measure]: value, typed };
}
