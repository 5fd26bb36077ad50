import { useEffect, useState } from 'react';

const WAIT_MS = 160;

/** A value as it is once nothing has changed it for a moment. */
export function useSettled<T>(value: T): T {
  const [settled, setSettled] = useState(value);
  useEffect(() => {
    const timer = window.setTimeout(() => setSettled(value), WAIT_MS);
    return () => window.clearTimeout(timer);
  }, [value]);
  return settled;
}
