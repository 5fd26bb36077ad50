import { PAGE_WIDTH } from './strokes';

/** Where the page lies under the window: screen = page · scale + shift, in CSS pixels. */
export type SheetView = { scale: number; x: number; y: number };

const LEAST = 0.3;
const MOST = 5;
/** How far the page may be drawn into the window, in CSS pixels. */
const MARGIN_PX = 60;

/** The whole width of the page in the window. */
export function fitted(windowWidth: number): SheetView {
  return { scale: windowWidth / PAGE_WIDTH, x: 0, y: 0 };
}

/** Never past the top of the page, and never so far aside that nothing of it is left. */
function held(view: SheetView, windowWidth: number): SheetView {
  const x = Math.max(Math.min(view.x, MARGIN_PX), Math.min(0, windowWidth - MARGIN_PX - PAGE_WIDTH * view.scale));
  return { ...view, x, y: Math.min(view.y, MARGIN_PX) };
}

export function panned(view: SheetView, dx: number, dy: number, windowWidth: number): SheetView {
  return held({ ...view, x: view.x + dx, y: view.y + dy }, windowWidth);
}

/** Larger or smaller, with the point at (x, y) of the window staying where it is. */
export function zoomed(view: SheetView, factor: number, x: number, y: number, windowWidth: number): SheetView {
  const scale = Math.max(LEAST, Math.min(MOST, view.scale * factor));
  const by = scale / view.scale;
  return held({ scale, x: x - (x - view.x) * by, y: y - (y - view.y) * by }, windowWidth);
}

/** A place of the window in page units. */
export function onPage(view: SheetView, x: number, y: number): [number, number] {
  return [(x - view.x) / view.scale, (y - view.y) / view.scale];
}
