import createClient, { type Middleware } from 'openapi-fetch';
import type { components, paths } from './types';

export type Schemas = components['schemas'];

/** What the server refused, in a sentence for the reader. `offline` when nothing reached it. */
export class Refusal extends Error {
  constructor(
    sentence: string,
    readonly status: number,
  ) {
    super(sentence);
  }

  get offline() {
    return this.status === 0;
  }
}

const OFFLINE = 'The connection is gone. Try again when it is back.';

function csrfToken(): string {
  const found = document.cookie.match(/(?:^|; )XSRF-TOKEN=([^;]*)/);
  return found?.[1] ?? '';
}

/** Id of the class that the screen shows an instructor; empty for others. */
let shownClass = '';

/** From now on the server refuses what is meant for another class than this one. */
export function showClass(id: string) {
  shownClass = id;
}

export const shownClassNow = () => shownClass;

/**
 * Cookies may have been cleared since the page was opened: the first answer brings a token, without which nothing is
 * changed.
 */
async function withToken() {
  if (csrfToken() === '') {
    await fetch('/api/session').catch(() => undefined);
  }
}

const headers: Middleware = {
  async onRequest({ request }) {
    if (request.method !== 'GET') {
      await withToken();
    }
    request.headers.set('X-XSRF-TOKEN', csrfToken());
    if (shownClass !== '' && !request.headers.has('X-Class')) {
      request.headers.set('X-Class', shownClass);
    }
    return request;
  },
  onError() {
    return new Refusal(OFFLINE, 0);
  },
};

export const api = createClient<paths>({ baseUrl: '' });
api.use(headers);

const UNEXPECTED = 'The server did not answer as expected. Try again.';

type ProblemDocument = { detail: string; current: unknown; tag: string | undefined };

/** What a problem document (RFC 9457) of the server says. */
export function problemOf(problem: unknown): ProblemDocument {
  const fields: Record<string, unknown> = typeof problem === 'object' && problem !== null ? { ...problem } : {};
  return {
    detail: typeof fields.detail === 'string' ? fields.detail : UNEXPECTED,
    current: fields.current,
    tag: typeof fields.tag === 'string' ? fields.tag : undefined,
  };
}

/** The data of an answer, or the refusal as an exception. */
export async function taken<T>(answer: Promise<{ data?: T; error?: unknown; response: Response }>): Promise<T> {
  const { data, error, response } = await answer;
  if (data === undefined) {
    throw new Refusal(problemOf(error).detail, response.status);
  }
  return data;
}

/**
 * A key that makes a request count once, however often it is sent. Pages that did not come over a secure connection
 * have no `randomUUID`.
 */
export function newKey(): string {
  return [...crypto.getRandomValues(new Uint8Array(16))].map((byte) => byte.toString(16).padStart(2, '0')).join('');
}

/** An answer without a body. */
export const done = (answer: Promise<{ error?: unknown; response: Response }>) =>
  taken(answer.then(({ error, response }) => ({ data: response.ok ? true : undefined, error, response })));
