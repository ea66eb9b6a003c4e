import type { UnitSystem } from '../app/units';
import { readNow, type Reading, type Typed } from './reading';

/** Has the server read one measurement, or says why it cannot be read. */
export async function readOne(typed: Typed, system: UnitSystem, missing: string): Promise<number> {
  const { value, error } = (await readNow({ read: typed }, system)).read;
  if (value === undefined) throw new Error(error ?? missing);
  return value;
}

/** Has the server read a whole form; throws what is wrong with the first entry that cannot be read. */
export async function readWhole<F extends string>(fields: Partial<Record<F, Typed>>, system: UnitSystem): Promise<Record<F, Reading>> {
  const read = await readNow(fields, system);
  const unreadable = Object.values<Reading>(read).find(({ error }) => error)?.error;
  if (unreadable) throw new Error(unreadable);
  return read;
}
