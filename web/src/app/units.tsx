import { createContext, use, type ReactNode } from 'react';
import { UNITS, useStored } from './storage';

/** What a person measures in: inches, fractions and °F, or millimetres and °C. */
export type UnitSystem = 'inch' | 'metric';

const UnitContext = createContext<[UnitSystem, (system: UnitSystem) => void]>(['inch', () => undefined]);

export function UnitProvider({ children }: { children: ReactNode }) {
  const units = useStored<UnitSystem>(UNITS, 'inch');
  return <UnitContext value={units}>{children}</UnitContext>;
}

export function useUnits() {
  return use(UnitContext);
}
