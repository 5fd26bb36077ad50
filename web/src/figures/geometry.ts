import type { Schemas } from '../api/client';

const pairs = (flat: number[]) =>
  Array.from({ length: flat.length / 2 }, (_, i) => [flat[2 * i] ?? 0, flat[2 * i + 1] ?? 0] as const);

/** @param flat x and y alternating */
export function linePath(flat: number[], closed: boolean): string {
  return `M${pairs(flat)
    .map(([x, y]) => `${x} ${y}`)
    .join('L')}${closed ? 'Z' : ''}`;
}

type Arc = { x: number; y: number; radius: number; from: number; to: number };

/** Angles in degrees, counter-clockwise from the right, as on paper; y runs downward on the screen. */
export function arcPath({ x, y, radius, from, to }: Arc): string {
  const at = (degrees: number) => {
    const angle = (degrees * Math.PI) / 180;
    return `${x + radius * Math.cos(angle)} ${y - radius * Math.sin(angle)}`;
  };
  return `M${at(from)}A${radius} ${radius} 0 ${to - from > 180 ? 1 : 0} 0 ${at(to)}`;
}

/** The room that a spot takes. */
export function boxOf({ outline }: Schemas['ShownSpot']): { x: number; y: number; width: number; height: number } {
  const points = pairs(outline);
  const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)];
  const [x, y] = [Math.min(...xs), Math.min(...ys)];
  return { x, y, width: Math.max(...xs) - x, height: Math.max(...ys) - y };
}

/** From coordinates of a grid to those of its picture. */
export function scales(plot: Schemas['ShownPlot']) {
  return {
    x: (value: number) => plot.left + ((value - plot.xMin) / (plot.xMax - plot.xMin)) * plot.width,
    y: (value: number) => plot.top + ((plot.yMax - value) / (plot.yMax - plot.yMin)) * plot.height,
  };
}

/** The part of the line through two points that lies in the picture; null for one point twice. */
export function across(
  plot: Schemas['ShownPlot'],
  a: { x: number; y: number },
  b: { x: number; y: number },
): [number, number, number, number] | null {
  const [dx, dy] = [b.x - a.x, b.y - a.y];
  if (dx === 0 && dy === 0) {
    return null;
  }
  /** Where the line, a at 0 and b at 1, leaves a side. */
  const range = (from: number, step: number, low: number, high: number) =>
    step === 0 ? [-Infinity, Infinity] : [(low - from) / step, (high - from) / step].toSorted((p, q) => p - q);
  const [x0 = 0, x1 = 0] = range(a.x, dx, plot.xMin, plot.xMax);
  const [y0 = 0, y1 = 0] = range(a.y, dy, plot.yMin, plot.yMax);
  const [from, to] = [Math.max(x0, y0), Math.min(x1, y1)];
  const { x, y } = scales(plot);
  return [x(a.x + from * dx), y(a.y + from * dy), x(a.x + to * dx), y(a.y + to * dy)];
}
