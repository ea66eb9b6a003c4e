import type { UnitSystem } from '../app/units';
import { readNow, type Typed } from './reading';

/** Has the server read one measurement, or says why it cannot be read. */
export async function readOne(typed: Typed, system: UnitSystem, missing: string): Promise<number> {
  const { value, error } = (await readNow({ read: typed }, system)).read;
  if (value === undefined) throw new Error(error ?? missing);
  return value;
}
