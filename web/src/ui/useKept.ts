import { useCallback, useEffect, useRef, useState } from 'react';

export type Keeping = 'kept' | 'keeping' | 'waiting';

const WAIT_MS = 400;
const AGAIN_MS = 3000;

/** Keeps a value as it changes: on this device at once, on the server soon, and again until the server has it. */
export function useKept<T>(name: string, save: (value: T) => Promise<unknown>) {
  const [state, setState] = useState<Keeping>('kept');
  const pending = useRef<{ value: T } | null>(null);
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
      localStorage.setItem(name, JSON.stringify(value));
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

/** What an earlier visit could not hand in any more, if there is something of the right shape. */
export function leftHere<T>(name: string, isRight: (value: unknown) => value is T): T | null {
  try {
    const value: unknown = JSON.parse(localStorage.getItem(name) ?? 'null');
    return isRight(value) ? value : null;
  } catch {
    return null;
  }
}
