import createClient, { type Middleware } from 'openapi-fetch';
import { persistently, writeKey } from './persistence';
import type { paths } from './schema';
import { shopOfThisTab } from './shop';

export interface FieldError {
  field: string;
  message: string;
}

/** A refusal of the server: a sentence for the person and, where fields are at fault, which. */
export class Problem extends Error {
  readonly status: number;
  readonly errors: FieldError[];

  constructor(status: number, detail: string, errors: FieldError[]) {
    super(detail);
    this.status = status;
    this.errors = errors;
  }
}

/** The token of this page, and a key of the write's own, with which it may be sent again, unless it brings one. */
const writes: Middleware = {
  onRequest({ request }) {
    if (['GET', 'HEAD'].includes(request.method)) return;
    const token = /(?:^|; )XSRF-TOKEN=([^;]+)/.exec(document.cookie)?.[1];
    if (token) request.headers.set('X-XSRF-TOKEN', token);
    if (!request.headers.has('Idempotency-Key')) request.headers.set('Idempotency-Key', writeKey());
  },
};

const whoseRecords: Middleware = {
  onRequest({ request }) {
    const shop = shopOfThisTab.get();
    if (shop !== undefined) request.headers.set('Brachion-Shop', shop);
  },
};

const refusals: Middleware = {
  async onResponse({ response }) {
    if (response.ok) return;
    const body: unknown = await response
      .clone()
      .json()
      .catch(() => null);
    const problem = (body ?? {}) as { detail?: string; errors?: FieldError[] };
    throw new Problem(
      response.status,
      problem.detail ?? 'The workshop server could not answer. Nothing you typed is lost.',
      problem.errors ?? [],
    );
  },
};

const NOBODY = 'The workshop server does not answer. Nothing you typed is lost: try again when it runs.';

export const api = createClient<paths>({
  baseUrl: '/',
  fetch: (request) =>
    persistently(request).catch((failed: unknown) => {
      throw request.signal.aborted ? failed : new Problem(0, NOBODY, []);
    }),
});
api.use(writes, whoseRecords, refusals);

/** The body of an answer that is known to have one, because refusals throw. */
export async function body<T>(call: Promise<{ data?: T }>): Promise<T> {
  const { data } = await call;
  return data as T;
}

/** A file that travels as its bytes, which no description of an interface has a type for. */
export function asBytes(file: File) {
  return { body: file as unknown as string, bodySerializer: () => file };
}
