import { useEffect, useState } from 'react';

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
    const text = localStorage.getItem(key);
    return text === null ? undefined : (JSON.parse(text) as T);
  } catch {
    return undefined;
  }
}

export function writeStored(key: string, value: unknown): void {
  try {
    localStorage.setItem(key, JSON.stringify(value));
  } catch {
    // a full or forbidden store costs the draft, never the page
  }
}
