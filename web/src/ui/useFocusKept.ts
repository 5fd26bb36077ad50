import { useEffect, useRef } from 'react';
import { isFocusLost } from './focus';

/**
 * When one of a list goes and takes the keyboard with it, the keyboard goes to what stays and not to the top of the
 * page.
 *
 * @param count of what is in the list
 * @param stays what takes the keyboard
 */
export function useFocusKept(count: number, stays: () => HTMLElement | null) {
  const before = useRef(count);
  const latest = useRef(stays);
  useEffect(() => {
    latest.current = stays;
  });
  useEffect(() => {
    if (count < before.current && isFocusLost()) {
      latest.current()?.focus();
    }
    before.current = count;
  }, [count]);
}
