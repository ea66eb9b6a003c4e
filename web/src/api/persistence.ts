/** Waits between the tries of a request that finds nobody, or nobody who has time [ms]. */
const WAITS_MS = [300, 700, 1500, 3000, 5000];

/** What passes by itself: too many questions at once, a server or a database that is being started again. */
const PASSING = new Set([429, 502, 503, 504]);

let unanswered = 0;
const listeners = new Set<() => void>();

function count(by: number) {
  unanswered += by;
  listeners.forEach((listener) => {
    listener();
  });
}

/** Whether some request has been tried without an answer and is being tried again. */
export const tryingAgain = {
  get: () => unanswered > 0,
  subscribe: (listener: () => void) => {
    listeners.add(listener);
    return () => {
      listeners.delete(listener);
    };
  },
};

function pause(ms: number, signal: AbortSignal): Promise<void> {
  return new Promise((resolve, reject) => {
    const done = setTimeout(resolve, ms);
    signal.addEventListener('abort', () => {
      clearTimeout(done);
      reject(signal.reason as Error);
    });
  });
}

/** Sends a request until it is answered or patience ends; safe for writes, because each carries a key of its own. */
export async function persistently(request: Request, send: (request: Request) => Promise<Response> = (each) => fetch(each)): Promise<Response> {
  let told = false;
  // taken once, so that each try carries the same bytes
  const body = ['GET', 'HEAD'].includes(request.method) ? undefined : await request.arrayBuffer();
  const { url, method, headers, signal } = request;
  const again = () => send(new Request(url, { method, headers, signal, body }));
  try {
    for (const wait of WAITS_MS) {
      try {
        const answer = await again();
        if (!PASSING.has(answer.status)) return answer;
      } catch (failed) {
        if (request.signal.aborted) throw failed;
      }
      if (!told) {
        told = true;
        count(1);
      }
      await pause(wait, request.signal);
    }
    return await again();
  } finally {
    if (told) count(-1);
  }
}

/** A key for one write: 128 bits by chance. */
export function writeKey(): string {
  return Array.from(crypto.getRandomValues(new Uint8Array(16)), (byte) => byte.toString(16).padStart(2, '0')).join('');
}
