import type { ConditionFields, FactView, ValueReading } from '../api/schema';
import type { UnitSystem } from '../app/units';
import { METHOD } from '../methods/forms';
import { ADDITIVE, GLUE, GROWTH_RINGS, KNOTS, OUTER_FACE, OUTLINE, SEASONING } from '../recipe/options';
import { ALONG_BEND, FLAW, SEVERITY } from '../trials/words';
import { printDay, printMonth } from '../units/days';
import { printLength, printTemperature } from '../units/printing';

const WORDS: Partial<Record<string, Record<string, string>>> = {
  method: METHOD, severity: SEVERITY, flaw: FLAW, flawAt: ALONG_BEND, seasoning: SEASONING, growthRings: GROWTH_RINGS, knots: KNOTS, outerFace: OUTER_FACE, outline: OUTLINE,
  glue: GLUE, soakAdditive: ADDITIVE,
};

const UNSAID = 'not said';

/** A value of a fact that is a word, as it is read. */
export function wordOf(fact: string, key: string, label?: string): string {
  if (key === '') return UNSAID;
  if (fact === 'month') return printMonth(key);
  return WORDS[fact]?.[key] ?? label ?? key.toLowerCase().replaceAll('_', ' ');
}

const UNIT: Partial<Record<NonNullable<FactView['measurement']>, string>> = { MOISTURE: ' %', SHARE: ' %', HUMIDITY: ' %', SECONDS: ' s', MINUTES: ' min', HOURS: ' h', DAYS: ' d', ANGLE: '°', MASS: ' g', ALTITUDE: ' m' };

/** A number of a fact with its unit. */
export function numberOf({ measurement }: Pick<FactView, 'measurement'>, value: number, system: UnitSystem): string {
  if (measurement === 'LENGTH') return printLength(value, system);
  if (measurement === 'TEMPERATURE') return printTemperature(value, system);
  return `${Number(value.toFixed(2))}${measurement ? (UNIT[measurement] ?? '') : ''}`;
}

/** A value of a fact, or a band of them: "3/8" to 1/2"". */
export function valueInWords(fact: FactView, { key, label, from, below }: ValueReading, system: UnitSystem): string {
  return from === undefined || below === undefined ? wordOf(fact.key, key, label) : `${numberOf(fact, from, system)} to ${numberOf(fact, below, system)}`;
}

/** What a fact must be, in words. */
export function conditionInWords(fact: FactView, { among, from, below, since, until }: Omit<ConditionFields, 'fact'>, system: UnitSystem,
  nameOf: (key: string) => string | undefined): string {
  const bound = (least: string | undefined, most: string | undefined) =>
    least === undefined ? `below ${most ?? ''}` : most === undefined ? `from ${least}` : least === most ? least : `${least} to ${most}`;
  if (fact.kind === 'DAY') return `${fact.title}: ${since && until ? `${printDay(since)} to ${printDay(until)}` : since ? `since ${printDay(since)}` : `until ${printDay(until ?? '')}`}`;
  if (fact.kind === 'NUMBER') return `${fact.title}: ${bound(from === undefined ? undefined : numberOf(fact, from, system), below === undefined ? undefined : numberOf(fact, below, system))}`;
  return `${fact.title}: ${(among ?? []).map((key) => wordOf(fact.key, key, nameOf(key))).join(' or ')}`;
}
