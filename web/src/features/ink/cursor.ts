import { PAGE_WIDTH } from './strokes';

/** The place of the keyboard's pen, in page units. */
export type Cursor = { x: number; y: number };

/** Half a square of the paper, and with Shift a fine step. */
export const STEP = 12;
const FINE = 2;
export const START: Cursor = { x: 48, y: 48 };

const WAYS: Record<string, [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

/** Where an arrow leads; null for other keys. Never off the page. */
export function stepped({ x, y }: Cursor, key: string, isFine: boolean): Cursor | null {
  const way = WAYS[key];
  if (way === undefined) {
    return null;
  }
  const by = isFine ? FINE : STEP;
  return { x: Math.max(0, Math.min(PAGE_WIDTH, x + way[0] * by)), y: Math.max(0, y + way[1] * by) };
}

/** Where the cursor is, in squares of the paper, counted as one reads. */
export const said = ({ x, y }: Cursor) =>
  `${Math.round((x / STEP / 2) * 10) / 10} across, ${Math.round((y / STEP / 2) * 10) / 10} down`;
