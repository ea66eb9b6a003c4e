import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { hearChanges, type Told } from './changes';

/** Connections that are open, in the order they were. */
const open: FakeSource[] = [];

class FakeSource {
  onmessage: ((event: { data: string }) => void) | undefined;

  constructor(readonly address: string) { open.push(this); }

  close() { open.splice(0, open.length, ...open.filter((each) => each !== this)); }

  tell(revision: number) { this.onmessage?.({ data: JSON.stringify({ now: '2026-03-01T10:00:00Z', revision }) }); }
}

/** Locks as the browser gives them (Web Locks API): one holds, the others wait in line. */
class FakeLocks {
  private line: { work: () => Promise<void>; done: () => void }[] = [];

  request(_name: string, { signal }: { signal: AbortSignal }, work: () => Promise<void>): Promise<void> {
    return new Promise((done, refused) => {
      const asking = { work, done };
      this.line.push(asking);
      signal.addEventListener('abort', () => {
        if (this.line[0] !== asking) {
          this.line = this.line.filter((each) => each !== asking);
          refused(new Error('AbortError'));
        }
      });
      if (this.line.length === 1) this.next();
    });
  }

  private next() {
    const [first] = this.line;
    void first?.work().then(() => { first.done(); this.line.shift(); this.next(); });
  }
}

const heardBy: Told[][] = [];
const lines: ReturnType<typeof hearChanges>[] = [];

function tab() {
  const heard: Told[] = [];
  heardBy.push(heard);
  const line = hearChanges('/api/bench/changes', (told) => heard.push(told));
  lines.push(line);
  return { heard, line };
}

function seen(visibility: 'visible' | 'hidden') {
  vi.spyOn(document, 'visibilityState', 'get').mockReturnValue(visibility);
  document.dispatchEvent(new Event('visibilitychange'));
}

beforeEach(() => {
  vi.stubGlobal('EventSource', FakeSource);
  Object.assign(navigator, { locks: new FakeLocks() });
});

afterEach(() => {
  lines.splice(0).forEach((line) => line.close());
  open.splice(0);
  Reflect.deleteProperty(navigator, 'locks');
  vi.restoreAllMocks();
  vi.unstubAllGlobals();
});

it('asks once for ten tabs, and all of them hear', async () => {
  const tabs = Array.from({ length: 10 }, tab);
  expect(open).toHaveLength(1);
  open[0]?.tell(7);
  await vi.waitFor(() => expect(tabs.map(({ heard }) => heard.map(({ revision }) => revision))).toEqual(Array(10).fill([7])));
});

it('goes on in another tab when the one that asked is closed', async () => {
  const first = tab();
  const second = tab();
  const asked = open[0];
  first.line.close();
  await vi.waitFor(() => expect(open).toHaveLength(1));
  expect(open[0]).not.toBe(asked);
  open[0]?.tell(8);
  expect(second.heard).toHaveLength(1);
  expect(first.heard).toHaveLength(0);
});

it('asks nothing while it is hidden and again when it is looked at', async () => {
  const only = tab();
  seen('hidden');
  expect(open).toHaveLength(0);
  seen('visible');
  await vi.waitFor(() => expect(open).toHaveLength(1));
  open[0]?.tell(9);
  expect(only.heard).toHaveLength(1);
});

it('asks anew where nothing came, and not from a tab that only listens', () => {
  const first = tab();
  const second = tab();
  const before = open[0];
  second.line.again();
  expect(open[0]).toBe(before);
  first.line.again();
  expect(open).toHaveLength(1);
  expect(open[0]).not.toBe(before);
});

it('asks for itself where the browser has no locks', () => {
  Reflect.deleteProperty(navigator, 'locks');
  tab();
  expect(open).toHaveLength(1);
});
