import { type RefObject, useEffect, useRef } from 'react';
import { land } from './Landing';
import { isFocusLost } from './focus';

/**
 * When a part of a page gives way to another one, and what had the keyboard goes with it, the keyboard goes to the
 * part, where the new one may take it as soon as it is loaded.
 *
 * @param shown names what the part shows now
 * @param part which stays, whatever it shows
 */
export function useFocusCaught(shown: string, part: RefObject<HTMLElement | null>) {
  const before = useRef(shown);
  useEffect(() => {
    if (before.current !== shown && part.current !== null && isFocusLost()) {
      land(part.current);
    }
    before.current = shown;
  }, [shown, part]);
}
