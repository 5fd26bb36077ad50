import { useEffect, useRef, useSyncExternalStore } from 'react';

const KEPT_MS = 8000;
const MOST = 4;
let said: { id: number; text: string }[] = [];
let last = 0;
const listeners = new Set<() => void>();

function change(next: typeof said) {
  said = next;
  listeners.forEach((listener) => listener());
}

/**
 * Says something to those who listen to the page, after what was said before. Short: who wants to know more finds it on
 * the page.
 */
export function announce(text: string) {
  const id = ++last;
  change([...said.slice(1 - MOST), { id, text }]);
  setTimeout(() => change(said.filter((s) => s.id !== id)), KEPT_MS);
}

/** Says something whenever it changes, but not when the page is opened. Empty says nothing. */
export function useAnnounce(text: string) {
  const before = useRef(text);
  useEffect(() => {
    if (before.current !== text && text !== '') {
      announce(text);
    }
    before.current = text;
  }, [text]);
}

const listen = (listener: () => void) => {
  listeners.add(listener);
  return () => void listeners.delete(listener);
};

/** Where it is said; there from the start, since only changes are read. */
export function Announcer() {
  const all = useSyncExternalStore(listen, () => said);
  return (
    <div role="log" aria-live="polite" aria-label="What has just happened" className="sr-only">
      {all.map(({ id, text }) => (
        <p key={id}>{text}</p>
      ))}
    </div>
  );
}
