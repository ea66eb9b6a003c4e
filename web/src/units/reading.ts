import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { api, body } from '../api/client';
import type { MeasurementReading, TypedMeasurement } from '../api/schema';
import type { UnitSystem } from '../app/units';

/** What can be measured and typed. */
export type Measurement = TypedMeasurement['measurement'];

/** What is typed in one field. */
export interface Typed {
  measurement: Measurement;
  text: string;
}

/** A typed measurement: its value in the unit it is kept in, or why it cannot be read, or neither while it is being read. */
export interface Reading {
  value?: number | undefined;
  error?: string | undefined;
}

/** What a number without a unit means to the person, as the server calls it. */
export const BARE = { inch: 'INCH', metric: 'METRIC' } as const;

/** What is said when nothing comes back. */
export const SILENT = 'The workshop server does not answer; what you typed is kept.';

/** What the server read, for each entry that still says what it said when it was asked. */
export function readingsOf(typed: TypedMeasurement[], asked: TypedMeasurement[], read: MeasurementReading[]): Record<string, Reading> {
  const entries = typed.map(({ field, measurement, text }): [string, Reading] => {
    const at = asked.findIndex((each) => each.field === field && each.text === text && each.measurement === measurement);
    const reading = read[at];
    return [field, reading ? { value: reading.value, error: reading.unreadable } : {}];
  });
  return Object.fromEntries(entries);
}

/** What is typed in a form, by what each of its fields measures. */
export function typedIn<M extends Record<string, Measurement>>(form: { [F in keyof M]: string }, measured: M): Record<keyof M & string, Typed> {
  const fields = Object.keys(measured) as (keyof M & string)[];
  const entries = fields.map((field) => [field, { measurement: measured[field], text: form[field] }]);
  return Object.fromEntries(entries) as Record<keyof M & string, Typed>;
}

/** Reads what is typed once, for what is about to be kept; an empty field has neither value nor error. */
export async function readNow<F extends string>(fields: Partial<Record<F, Typed>>, system: UnitSystem): Promise<Record<F, Reading>> {
  const typed = typedList(fields);
  const read = typed.length === 0 ? [] : await body(api.POST('/api/readings', { body: { bareUnits: BARE[system], typed } }));
  return { ...unread(fields), ...readingsOf(typed, typed, read) } as Record<F, Reading>;
}

function unread(fields: object): Record<string, Reading> {
  return Object.fromEntries(Object.keys(fields).map((field) => [field, {}]));
}

/** Has the server read a whole form, so that the notation is known in one place. An empty field is not read. */
export function useReadings<F extends string>(fields: Partial<Record<F, Typed>>, system: UnitSystem): Record<F, Reading> {
  const key = JSON.stringify(typedList(fields));
  const typed = useMemo(() => JSON.parse(key) as TypedMeasurement[], [key]);
  const { data, error } = useQuery({
    queryKey: ['readings', key, system],
    queryFn: async () => ({ typed, read: await body(api.POST('/api/readings', { body: { bareUnits: BARE[system], typed } })) }),
    enabled: typed.length > 0,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  });
  return useMemo(() => {
    const readings = unread(fields) as Record<F, Reading>;
    if (error) {
      const silent = { error: SILENT };
      return { ...readings, ...Object.fromEntries(typed.map(({ field }) => [field, silent])) };
    }
    return { ...readings, ...readingsOf(typed, data?.typed ?? [], data?.read ?? []) };
    // the names of the fields are part of what is typed or never read
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [typed, data, error]);
}

function typedList(fields: Partial<Record<string, Typed>>): TypedMeasurement[] {
  return Object.entries(fields).flatMap(([field, typed]) =>
    typed && typed.text.trim() !== '' ? [{ field, measurement: typed.measurement, text: typed.text }] : []);
}

/** A number somebody left bare gets its unit written behind it, so that switching units never changes its meaning. */
export function withUnit(measurement: Measurement, text: string, system: UnitSystem): string {
  const bare = text.trim();
  if (!/^[\d.,]+$/.test(bare)) return text;
  if (measurement === 'LENGTH') return system === 'inch' ? `${bare}"` : `${bare} mm`;
  if (measurement === 'TEMPERATURE') return system === 'inch' ? `${bare} °F` : `${bare} °C`;
  return text;
}
