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

const OFFLINE = 'The connection is gone. What you entered is kept here and sent when it is back.';

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

const headers: Middleware = {
  onRequest({ request }) {
    request.headers.set('X-XSRF-TOKEN', csrfToken());
    if (shownClass !== '') {
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

function sentenceOf(problem: unknown): string {
  if (typeof problem === 'object' && problem !== null && 'detail' in problem && typeof problem.detail === 'string') {
    return problem.detail;
  }
  return 'The server did not answer as expected. What you entered is kept; try again.';
}

/** The data of an answer, or the refusal as an exception. */
export async function taken<T>(answer: Promise<{ data?: T; error?: unknown; response: Response }>): Promise<T> {
  const { data, error, response } = await answer;
  if (data === undefined) {
    throw new Refusal(sentenceOf(error), response.status);
  }
  return data;
}

/** A key that makes a request count once, however often it is sent. */
export function newKey(): string {
  return crypto.randomUUID();
}

/** An answer without a body. */
export const done = (answer: Promise<{ error?: unknown; response: Response }>) => taken(answer.then(({ error, response }) => ({ data: response.ok ? true : undefined, error, response })));
