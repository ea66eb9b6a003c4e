import { ReadableStream, TextDecoderStream } from 'node:stream/web';
import { cleanup } from '@testing-library/react';
import { afterAll, afterEach, vi } from 'vitest';

// browsers have streams, the document the tests run in has none
Object.assign(globalThis, { ReadableStream, TextDecoderStream });

afterEach(() => {
  cleanup();
  localStorage.clear();
});

// one worker runs several files; what one put in place of a module must not stand in the next
afterAll(() => {
  for (const path of ['./api/advice', './api/client', './api/exchange', './api/queries', './api/woods', './units/reading']) vi.doUnmock(path);
  vi.resetModules();
});
