import type { MeasuredReading, PhotoView } from '../api/schema';
import type { UnitSystem } from '../app/units';
import { printLength } from '../units/printing';
import type { Line, Measure } from './pointing';

export const MEASURE: Record<Measure, string> = { known: 'known length', curve: 'curve', slope: 'slope of grain', gap: 'gap' };

export const LINE: Record<Line, string> = { known: 'Known length', curve: 'Curve', edge: 'Edge', grain: 'Grain', gap: 'Gap' };

/** What to do with the places of each. */
export const HOW: Record<Measure, string> = {
  known: 'Put its two ends on something whose length you know, such as a rule, in the plane of the piece.',
  curve: 'Put three places or more on the inside of the curve, as far apart as it goes.',
  slope: 'Lay one line along the edge of the piece and the other along the grain, each as long as you can.',
  gap: 'Put its ends where the piece and the pattern stand apart.',
};

interface Length {
  mm: number;
  sdMm: number;
}

/** A length and how far it may be off, two standard deviations either way. */
export function lengthInWords({ mm, sdMm }: Length, system: UnitSystem): string {
  return `${printLength(mm, system)}, give or take ${printLength(2 * sdMm, system)}`;
}

export function slopeInWords({ run, steepest = 0 }: NonNullable<MeasuredReading['slope']>): string {
  const hardly = `hardly steeper than 1 in ${digits(steepest)}`;
  return run === undefined ? `as straight as can be seen here: ${hardly}` : `1 in ${digits(run)}, ${hardly}`;
}

function digits(run: number): string {
  return run < 9.95 ? run.toFixed(1) : run.toFixed(0);
}

/** What a photograph was measured for, in a line. */
export function measuredLine({ measured }: PhotoView, system: UnitSystem): string {
  const { radius, slope, gap } = measured;
  return [radius && `radius ${printLength(radius.mm, system)}`, slope?.run && `grain 1 in ${digits(slope.run)}`, gap && `gap ${printLength(gap.mm, system)}`].filter(Boolean).join(', ');
}
