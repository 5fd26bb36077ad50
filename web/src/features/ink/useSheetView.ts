import { type RefObject, useEffect, useState } from 'react';
import { PAGE_WIDTH } from './strokes';
import { fitted, type SheetView } from './view';

/**
 * Which part of the page is seen through the window, and how wide the window is, in pixels. It keeps the page's width
 * when it is resized.
 */
export function useSheetView(window: RefObject<HTMLDivElement | null>) {
  const [width, setWidth] = useState(0);
  const [view, setView] = useState<SheetView>(() => fitted(PAGE_WIDTH));
  useEffect(() => {
    const place = window.current;
    if (place === null) {
      return undefined;
    }
    const watch = new ResizeObserver(() => {
      setWidth(place.clientWidth);
      setView((now) => (place.clientWidth > 0 ? { ...fitted(place.clientWidth), y: now.y } : now));
    });
    watch.observe(place);
    return () => watch.disconnect();
  }, [window]);
  return { width, view, setView };
}
