import { api, problemOf, taken } from '../api/client';
import type { Answer, Deed, Letter } from './deed';

const PATIENCE_MS = 20_000;
/** A photo over a slow line takes its time. */
const FILE_PATIENCE_MS = 180_000;
const CHANGED = 412;
const BUSY = [408, 429, 502, 503, 504];
const FORBIDDEN = 403;

/** The client knows its paths by type; a letter is data, and was typed when it was written. */
type Asking = (
  method: string,
  path: string,
  init: object,
) => Promise<{ data?: unknown; error?: unknown; response: Response }>;
// oxlint-disable-next-line typescript/no-unsafe-type-assertion -- see above
const ask = api.request as unknown as Asking;

function bodyOf({ body }: Letter): object {
  if (!(body instanceof Blob)) {
    return body === undefined ? {} : { body };
  }
  const form = new FormData();
  form.append('file', body, body instanceof File ? body.name : 'picture');
  return { body: {}, bodySerializer: () => form };
}

function headersOf(deed: Deed): Record<string, string> {
  return {
    'Idempotency-Key': deed.id,
    'X-Person': deed.owner,
    ...(deed.letter.forClass !== '' && { 'X-Class': deed.letter.forClass }),
    ...(deed.base !== null && { 'If-Match': deed.base }),
  };
}

async function sent(deed: Deed) {
  const { letter } = deed;
  const patience = letter.body instanceof Blob ? FILE_PATIENCE_MS : PATIENCE_MS;
  return ask(letter.method, letter.path, {
    params: { path: letter.params },
    headers: headersOf(deed),
    signal: AbortSignal.timeout(patience),
    ...bodyOf(letter),
  });
}

/** A page that was open for long may have lost its token; asking who is here brings a new one. */
async function sentWithToken(deed: Deed) {
  const first = await sent(deed);
  if (first.response.status !== FORBIDDEN) {
    return first;
  }
  await taken(api.GET('/api/session'));
  return sent(deed);
}

/** Sends a deed to the server, and says what came of it. */
export async function post(deed: Deed): Promise<Answer> {
  const { data, error, response } = await sentWithToken(deed);
  if (response.ok) {
    return { kind: 'done', data: data ?? true, tag: response.headers.get('ETag') };
  }
  if (response.status === 401) {
    return { kind: 'signedOut' };
  }
  const problem = problemOf(error);
  if (response.status === CHANGED && problem.tag !== undefined) {
    return { kind: 'changed', theirs: problem.current, tag: problem.tag };
  }
  if (BUSY.includes(response.status) || response.status >= 500) {
    return { kind: 'unreached', busy: true };
  }
  return { kind: 'refused', status: response.status, sentence: problem.detail };
}
