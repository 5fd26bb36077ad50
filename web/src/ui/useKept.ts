import { useCallback, useEffect, useRef, useState } from 'react';

export type Keeping = 'kept' | 'keeping' | 'waiting';

const WAIT_MS = 400;
const AGAIN_MS = 3000;

/**
 * Keeps a value as it changes: on this device at once, on the server soon, and again until the server has it.
 *
 * @param left what an earlier visit could not hand in any more, to be sent first
 */
export function useKept<T>(name: string, save: (value: T) => Promise<unknown>, left?: T) {
  const [state, setState] = useState<Keeping>('kept');
  const pending = useRef<{ value: T } | null>(left === undefined ? null : { value: left });
  const timer = useRef<number | undefined>(undefined);
  const saving = useRef(save);
  const again = useRef<() => void>(() => {});

  const send = useCallback(async () => {
    const sent = pending.current;
    if (sent === null) {
      return;
    }
    try {
      await saving.current(sent.value);
      if (pending.current === sent) {
        pending.current = null;
        localStorage.removeItem(name);
        setState('kept');
      }
    } catch {
      setState('waiting');
      window.clearTimeout(timer.current);
      timer.current = window.setTimeout(() => again.current(), AGAIN_MS);
    }
  }, [name]);
  useEffect(() => {
    saving.current = save;
    again.current = () => void send();
  });

  const keep = useCallback(
    (value: T) => {
      pending.current = { value };
      store(name, value);
      setState('keeping');
      window.clearTimeout(timer.current);
      timer.current = window.setTimeout(() => void send(), WAIT_MS);
    },
    [name, send],
  );

  /** Forgets what waits, because something newer has been counted. */
  const drop = useCallback(() => {
    pending.current = null;
    window.clearTimeout(timer.current);
    localStorage.removeItem(name);
    setState('kept');
  }, [name]);

  useEffect(() => {
    const flush = () => void send();
    flush();
    window.addEventListener('online', flush);
    window.addEventListener('pagehide', flush);
    return () => {
      window.removeEventListener('online', flush);
      window.removeEventListener('pagehide', flush);
      flush();
    };
  }, [send]);

  return { state, keep, drop };
}

/** A full store is no reason to stop: the value still goes to the server. */
function store(name: string, value: unknown) {
  try {
    localStorage.setItem(name, JSON.stringify(value));
  } catch (full) {
    console.warn('this device cannot keep more', full);
  }
}

/** What an earlier visit could not hand in any more, if there is something of the right shape. */
export function leftHere<T>(name: string, isRight: (value: unknown) => value is T): T | null {
  try {
    const value: unknown = JSON.parse(localStorage.getItem(name) ?? 'null');
    return isRight(value) ? value : null;
  } catch {
    return null;
  }
}
