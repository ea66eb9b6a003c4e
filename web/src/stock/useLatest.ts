import { useState } from 'react';

/** The last of what comes in a quick row, taken up as soon as the one before is answered. */
export function useLatest<T>(value: T, answered: (asked: T) => boolean): T {
  const [asked, setAsked] = useState(value);
  if (asked !== value && answered(asked)) setAsked(value);
  return asked;
}
