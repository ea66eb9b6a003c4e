import type { UnitSystem } from '../app/units';

const MM_PER_INCH = 25.4;
const MARKS_PER_INCH = 64;

/** Inches as the nearest workshop fraction: 3/16", 1 1/8", 2". */
export function printInches(mm: number, marksPerInch = MARKS_PER_INCH): string {
  let numerator = Math.round((mm / MM_PER_INCH) * marksPerInch);
  let denominator = marksPerInch;
  while (denominator > 1 && numerator % 2 === 0) {
    numerator /= 2;
    denominator /= 2;
  }
  const whole = Math.floor(numerator / denominator);
  const rest = numerator % denominator;
  if (rest === 0) return `${whole}"`;
  return whole === 0 ? `${rest}/${denominator}"` : `${whole} ${rest}/${denominator}"`;
}

/** Millimetres with one decimal below 100. */
export function printMillimetres(mm: number): string {
  // rounding the product first, because toFixed would print 6.35 as 6.3
  const text = mm < 99.95 ? (Math.round(mm * 10) / 10).toFixed(1) : mm.toFixed(0);
  return `${text.replace(/\.0$/, '')} mm`;
}

export function printLength(mm: number, system: UnitSystem): string {
  return system === 'inch' ? printInches(mm) : printMillimetres(mm);
}

/** Marks of a rule [mm], finest first. */
const MARKS: Record<UnitSystem, readonly number[]> = {
  inch: [1 / 32, 1 / 16, 1 / 8, 1 / 4, 1 / 2, 1].map((inch) => inch * MM_PER_INCH),
  metric: [0.1, 0.5, 1, 2, 5, 10, 20],
};
/** What is longer is read to the second finest mark at best: 1" and 25 mm. */
const LONG_MM = 25.4;

/**
 * A length to what is known of it: to the finest mark of a rule that is no less than a tenth of its range.
 *
 * @param lowMm  where it may begin
 * @param highMm where it may end
 */
export function printKnown(mm: number, { lowMm, highMm }: { lowMm: number; highMm: number }, system: UnitSystem): string {
  const marks = Math.abs(mm) < LONG_MM ? MARKS[system] : MARKS[system].slice(1);
  const mark = marks.find((each) => each >= (highMm - lowMm) / 10) ?? marks[marks.length - 1] ?? 1;
  return printLength(Math.round(mm / mark) * mark, system);
}

export function printTemperature(celsius: number, system: UnitSystem): string {
  return system === 'inch' ? `${Math.round(celsius * 1.8 + 32)} °F` : `${Math.round(celsius)} °C`;
}

const NEWTONS_PER_POUND = 4.4482216;
const NEWTONS_PER_KILOGRAM = 9.80665;

/** A pull, as the weight that would pull as hard. */
export function printPull(newtons: number, system: UnitSystem): string {
  const weight = newtons / (system === 'inch' ? NEWTONS_PER_POUND : NEWTONS_PER_KILOGRAM);
  return `${weight < 9.95 ? weight.toFixed(1) : weight.toFixed(0)} ${system === 'inch' ? 'lb' : 'kg'}`;
}

/** A strain or share in per cent, with the digits that matter. */
export function printPercent(share: number): string {
  const percent = Math.abs(share) * 100;
  return `${percent < 10 ? percent.toFixed(1) : percent.toFixed(0)} %`;
}
