import { useEffect, useState } from 'react';
import { shopOfThisTab } from '../api/shop';

/** State that survives a reload, kept in this browser. A value that cannot be read back counts as not there. */
export function useStored<T>(key: string, initial: T): [T, (value: T) => void] {
  const [value, setValue] = useState<T>(() => readStored<T>(key) ?? initial);
  useEffect(() => {
    writeStored(key, value);
  }, [key, value]);
  return [value, setValue];
}

export function readStored<T>(key: string): T | undefined {
  try {
    const text = localStorage.getItem(ofThisShop(key));
    return text === null ? undefined : (JSON.parse(text) as T);
  } catch {
    return undefined;
  }
}

export function writeStored(key: string, value: unknown): void {
  try {
    localStorage.setItem(ofThisShop(key), JSON.stringify(value));
  } catch {
    // a full or forbidden store costs the draft, never the page
  }
}

/** What a person measures in goes along from shop to shop. */
export const UNITS = 'brachion.units';

/** Drafts belong to a shop; those of the own one stand under the plain key. */
function ofThisShop(key: string): string {
  const shop = shopOfThisTab.get();
  return shop === undefined || key === UNITS ? key : `${shop}.${key}`;
}

/** Drops everything kept for a shop. */
export function forgetStoredOf(shop: string): void {
  Object.keys(localStorage).filter((key) => key.startsWith(`${shop}.`)).forEach((key) => { localStorage.removeItem(key); });
}
