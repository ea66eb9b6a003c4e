import type { WayBeside } from '../api/schema';
import { METHOD } from '../methods/forms';
import { doneHours } from './words';

export const COLUMNS = ['way', 'odds', 'opens', 'yours', 'done', 'needs', 'against'] as const satisfies string[];

export type Column = (typeof COLUMNS)[number];

export interface Order {
  by: Column;
  falling: boolean;
}

/** The most is wanted of these, so it comes first when they are first ordered by. */
export const FIRST_FALLING: Column[] = ['odds'];

type Value = (way: WayBeside) => number | string;

const VALUE: Record<Column, Value> = {
  way: ({ recipe }) => METHOD[recipe.method.kind],
  odds: ({ unbroken }) => unbroken.probability,
  opens: ({ springback }) => springback.releasedRadiusMm,
  yours: ({ attentionHours }) => attentionHours,
  done: (way) => doneHours(way) ?? Infinity,
  needs: ({ notAtHand }) => notAtHand.length,
  // what is as good as any in all else comes first
  against: ({ unbroken, trialsThisWay, beyondRecords }) => 1 - unbroken.probability + (trialsThisWay === 0 || beyondRecords ? 1 : 0),
};

/** The ways by a column; as they came, the good and easy ones first, where nobody chose. */
export function ordered(ways: WayBeside[], order: Order | undefined): WayBeside[] {
  if (!order) return ways;
  const value = VALUE[order.by];
  const sign = order.falling ? -1 : 1;
  return [...ways].sort((one, other) => sign * compared(value(one), value(other)));
}

function compared(one: number | string, other: number | string): number {
  if (typeof one === 'string' || typeof other === 'string') return String(one).localeCompare(String(other), 'en');
  return one === other ? 0 : one - other;
}
