import type { Reading, Typed } from './reading';

/** Stands in for the server's reading: plain numbers are read, with what follows them; anything else is not. */
export function readPlainly(fields: Partial<Record<string, Typed>>): Record<string, Reading> {
  const read = Object.entries(fields).map(([field, typed]): [string, Reading] => {
    const text = typed?.text.trim() ?? '';
    if (text === '') return [field, {}];
    const value = parseFloat(text.replace(',', '.'));
    return [field, Number.isNaN(value) ? { error: `“${text}” cannot be read.` } : { value }];
  });
  return Object.fromEntries(read);
}
