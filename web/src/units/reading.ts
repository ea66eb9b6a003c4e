import { useQueries } from '@tanstack/react-query';
import { api, body } from '../api/client';
import type { UnitSystem } from '../app/units';

export type QuantityKind = 'length' | 'temperature';

export interface TypedQuantity {
  kind: QuantityKind;
  text: string;
}

/** A typed measurement: its value in mm or °C, or why it cannot be read, or neither while it is being read. */
export interface Reading {
  value?: number;
  error?: string;
}

async function read(kind: QuantityKind, text: string, system: UnitSystem): Promise<Reading> {
  if (kind === 'length') {
    const bareUnit = system === 'inch' ? 'INCH' : 'MILLIMETRE';
    const answer = await body(api.GET('/api/readings/length', { params: { query: { text, bareUnit } } }));
    return { value: answer.millimetres, error: answer.unreadable };
  }
  const bareScale = system === 'inch' ? 'FAHRENHEIT' : 'CELSIUS';
  const answer = await body(api.GET('/api/readings/temperature', { params: { query: { text, bareScale } } }));
  return { value: answer.celsius, error: answer.unreadable };
}

/** Has the server read what was typed, so that the notation is known in one place. */
export function useReadings(typed: TypedQuantity[], system: UnitSystem): Reading[] {
  return useQueries({
    queries: typed.map(({ kind, text }) => ({
      queryKey: ['reading', kind, text, system],
      queryFn: () => read(kind, text, system),
      staleTime: Infinity,
    })),
    combine: (results) =>
      results.map((result) => ({
        value: result.data?.value,
        error: result.error ? 'The workshop server does not answer; what you typed is kept.' : result.data?.error,
      })),
  });
}

/** A number somebody left bare gets its unit written behind it, so that switching units never changes its meaning. */
export function withUnit(kind: QuantityKind, text: string, system: UnitSystem): string {
  const bare = text.trim();
  if (!/^[\d.,]+$/.test(bare)) return text;
  if (kind === 'length') return system === 'inch' ? `${bare}"` : `${bare} mm`;
  return system === 'inch' ? `${bare} °F` : `${bare} °C`;
}
