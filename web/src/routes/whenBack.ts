const AGAIN_MS = 3000;

/**
 * Asks again and again whether the server can be reached, and goes on once it can.
 * Returns what ends the asking: an answer still on its way then leads nowhere, as the page has been left.
 */
export function whenBack(go: () => void): () => void {
  const ended = new AbortController();
  const ask = () =>
    void fetch('/api/session', { signal: ended.signal }).then(
      ({ ok }) => {
        if (ok && !ended.signal.aborted) {
          end();
          go();
        }
      },
      () => undefined,
    );
  const timer = window.setInterval(ask, AGAIN_MS);
  window.addEventListener('online', ask);
  function end() {
    ended.abort();
    window.clearInterval(timer);
    window.removeEventListener('online', ask);
  }
  return end;
}
