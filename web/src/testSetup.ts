import { ReadableStream, TextDecoderStream } from 'node:stream/web';
import { cleanup, configure } from '@testing-library/react';
import { afterAll, afterEach, vi } from 'vitest';

// browsers have streams, the document the tests run in has none
Object.assign(globalThis, { ReadableStream, TextDecoderStream });

// a busy machine may take its time; what never comes stays away
configure({ asyncUtilTimeout: 20_000 });

/** Nothing in that document ever changes its size or scrolls. */
class ResizeObserver {
  observe() { return undefined; }

  unobserve() { return undefined; }

  disconnect() { return undefined; }
}
Object.assign(globalThis, { ResizeObserver, scrollTo: () => undefined });

afterEach(() => {
  cleanup();
  localStorage.clear();
  sessionStorage.clear();
});

// one worker runs several files; what one put in place of a module must not stand in the next
afterAll(() => {
  for (const path of ['./api/advice', './api/client', './api/exchange', './api/find', './api/queries', './api/woods', './units/reading']) vi.doUnmock(path);
  vi.resetModules();
});
