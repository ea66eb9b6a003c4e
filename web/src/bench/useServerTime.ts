import { useEffect, useState } from 'react';
import { serverNow } from './serverClock';

const QUICK_MS = 100;
const EACH_SECOND_MS = 500;

/** The time by the server's clock, kept up; quickly where tenths of a second are shown. */
export function useServerTime(quick: boolean): number {
  const [now, setNow] = useState(serverNow);
  useEffect(() => {
    const tick = setInterval(() => { setNow(serverNow()); }, quick ? QUICK_MS : EACH_SECOND_MS);
    return () => { clearInterval(tick); };
  }, [quick]);
  return now;
}
