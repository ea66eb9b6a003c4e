import type { UnitSystem } from '../app/units';
import { printInches, printMillimetres } from '../units/printing';

/** How a figure is written in either system: its unit, how many SI units that is, and the digits after the point. */
interface Scale {
  unit: string;
  si: number;
  digits: number;
}

export type FigureKind = 'density' | 'strength' | 'stiffness';

const SCALES: Record<FigureKind, Record<UnitSystem, Scale>> = {
  density: { metric: { unit: 'kg/m³', si: 1, digits: 0 }, inch: { unit: 'lb/ft³', si: 16.018463, digits: 1 } },
  strength: { metric: { unit: 'MPa', si: 1, digits: 1 }, inch: { unit: 'psi', si: 0.0068947573, digits: 0 } },
  stiffness: { metric: { unit: 'MPa', si: 1, digits: 0 }, inch: { unit: '10⁶ psi', si: 6894.7573, digits: 2 } },
};

export function unitOf(kind: FigureKind, system: UnitSystem): string {
  return SCALES[kind][system].unit;
}

/** A figure kept in SI units as it is written here. */
export function figureText(kind: FigureKind, si: number, system: UnitSystem): string {
  const scale = SCALES[kind][system];
  const text = (si / scale.si).toFixed(scale.digits);
  return text.includes('.') ? text.replace(/\.?0+$/, '') : text;
}

/** A figure to read, with the three digits that matter. */
export function printFigure(kind: FigureKind, si: number, system: UnitSystem): string {
  const { si: unit } = SCALES[kind][system];
  return `${Number((si / unit).toPrecision(3)).toLocaleString('en')} ${unitOf(kind, system)}`;
}

/** A published radius to read: no finer than it is known. */
export function printRadius(mm: number, system: UnitSystem): string {
  return system === 'inch' ? printInches(mm, mm < 100 ? 8 : 2) : printMillimetres(mm);
}

/** A number written here, in SI units. */
export function figureInSi(kind: FigureKind, written: number, system: UnitSystem): number {
  return written * SCALES[kind][system].si;
}
