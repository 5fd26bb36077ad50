import { type RefObject, useEffect, useRef } from 'react';

/**
 * Brings something into view when it changes, no further than is needed.
 *
 * @param what by which one knows that it has changed
 */
export function useSeen<T extends HTMLElement>(what: string): RefObject<T | null> {
  const place = useRef<T>(null);
  const before = useRef(what);
  useEffect(() => {
    if (before.current !== what) {
      place.current?.scrollIntoView({ block: 'nearest' });
    }
    before.current = what;
  });
  return place;
}

/** For a ref: into view at once. What the browser gives back for scrolling is no business of React's. */
export const intoView = (element: HTMLElement | null) => {
  element?.scrollIntoView({ block: 'nearest' });
};
