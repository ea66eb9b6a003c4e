import type { UnitSystem } from '../app/units';
import { printLength } from './printing';

/** A length as text that reads back as the same length: a fraction where it is one, millimetres otherwise. */
export function exactLength(mm: number, system: UnitSystem): string {
  const onTheRule = Math.abs((mm / 25.4) * 64 - Math.round((mm / 25.4) * 64)) < 1e-6;
  return system === 'inch' && onTheRule ? printLength(mm, 'inch') : `${Number(mm.toFixed(6))} mm`;
}

/** A temperature as text that reads back as the same to a hundredth of a degree. */
export function exactTemperature(celsius: number, system: UnitSystem): string {
  return system === 'inch' ? `${Number((celsius * 1.8 + 32).toFixed(2))} °F` : `${Number(celsius.toFixed(2))} °C`;
}

/** To the tenth, as finely as a room sensor or a photograph tells. */
export function tenths(value: number): number {
  return Math.round(value * 10) / 10;
}
