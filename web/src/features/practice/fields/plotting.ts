import type { Schemas } from '../../../api/client';

export type Point = { x: number; y: number };
type Plot = Schemas['ShownPlot'];

export const MOVES: Record<string, [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
};

/** The pairs in an entry, in their order. */
export function pointsOf(value: string): Point[] {
  return [...value.matchAll(/\((-?[\d.]+), (-?[\d.]+)\)/g)].map((found) => ({
    x: Number(found[1]),
    y: Number(found[2]),
  }));
}

export const textOf = (points: Point[]) => points.map((p) => `(${p.x}, ${p.y})`).join(', ');

/** To the next crossing of the grid's lines, inside of it. */
export function snapped(plot: Plot, { x, y }: Point): Point {
  const snap = (n: number, low: number, high: number) =>
    Math.min(high, Math.max(low, Math.round(n / plot.step) * plot.step));
  return { x: snap(x, plot.xMin, plot.xMax), y: snap(y, plot.yMin, plot.yMax) };
}

/** One step of the grid on. */
export function moved(plot: Plot, { x, y }: Point, [dx, dy]: [number, number]): Point {
  return snapped(plot, { x: x + dx * plot.step, y: y + dy * plot.step });
}

/** Which point a place is for: the first, then the second, then whichever is nearer. */
export function indexAt(points: Point[], { x, y }: Point): number {
  const [a, b] = points;
  if (a === undefined || b === undefined) {
    return points.length;
  }
  return Math.hypot(x - b.x, y - b.y) < Math.hypot(x - a.x, y - a.y) ? 1 : 0;
}
