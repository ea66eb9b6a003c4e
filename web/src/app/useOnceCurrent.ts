import { useEffect, useRef, useState } from 'react';

/**
 * Does what was asked for as soon as the answer it is done with is that to what is asked: at once, or when it has come. A field that is
 * left by a tap on a button is read once more, and that tap shall not be lost. Gives what is waited for or being done, if anything is.
 */
export function useOnceCurrent<T>(current: boolean, act: (what: T) => Promise<unknown>): [T | undefined, (what: T) => void] {
  const [asked, setAsked] = useState<{ what: T }>();
  const begun = useRef<typeof asked>(undefined);
  useEffect(() => {
    if (!asked || !current || begun.current === asked) return;
    begun.current = asked;
    const over = () => { setAsked(undefined); };
    // whoever does it says what went wrong
    act(asked.what).then(over, over);
  }, [asked, current, act]);
  return [asked?.what, (what) => { setAsked({ what }); }];
}
