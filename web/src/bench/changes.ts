/** What the server tells of the bench. */
export interface Told {
  now: string;
  revision: number;
}

/** A line on which the bench is heard. */
export interface Line {
  /** Asks anew, where this tab is the one that asks and nothing came. */
  again: () => void;
  /** Hears nothing until asked again. */
  cut: () => void;
  /** Lets go for good. */
  close: () => void;
}

/**
 * Hears what the server tells of the bench, over one connection for all tabs of a browser: a browser has but six to a server, and
 * with one for each tab the seventh would wait for ever. The tab that has the lock asks and passes on what it hears; a tab that is
 * hidden lets go, and another takes over.
 */
export function hearChanges(address: string, heard: (told: Told) => void): Line {
  const name = `bench ${address}`;
  const tabs = typeof BroadcastChannel === 'undefined' ? undefined : new BroadcastChannel(name);
  let source: EventSource | undefined;
  let waiting: AbortController | undefined;
  let letGoOfLock: (() => void) | undefined;
  if (tabs) tabs.onmessage = ({ data }: MessageEvent<Told>) => heard(data);

  const ask = () => {
    source?.close();
    source = new EventSource(address);
    source.onmessage = ({ data }: MessageEvent<string>) => {
      const told = JSON.parse(data) as Told;
      heard(told);
      tabs?.postMessage(told);
    };
  };
  const take = () => {
    if (document.visibilityState === 'hidden' || waiting) return;
    waiting = new AbortController();
    // a page that is not trusted has no locks, and asks for itself
    if (!('locks' in navigator)) {
      ask();
      return;
    }
    navigator.locks.request(name, { signal: waiting.signal }, () => new Promise<void>((done) => {
      letGoOfLock = done;
      ask();
    })).catch(() => undefined);
  };
  const letGo = () => {
    source?.close();
    source = undefined;
    waiting?.abort();
    waiting = undefined;
    letGoOfLock?.();
    letGoOfLock = undefined;
  };
  const seenOrNot = () => (document.visibilityState === 'hidden' ? letGo() : take());
  document.addEventListener('visibilitychange', seenOrNot);
  take();
  return {
    again: () => (source ? ask() : take()),
    cut: () => source?.close(),
    close: () => {
      document.removeEventListener('visibilitychange', seenOrNot);
      letGo();
      tabs?.close();
    },
  };
}
