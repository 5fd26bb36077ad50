import { newKey, type Schemas } from '../../api/client';

export type Stroke = Schemas['Stroke'];
/** A rectangle in page units. */
export type Box = { left: number; top: number; right: number; bottom: number };

/** Numbers a point has: x, y, pressure, milliseconds. */
export const FIELDS = 4;
/** Width of a page, in page units; it is as long as needed. */
export const PAGE_WIDTH = 680;

export function newStrokeId(): string {
  return newKey();
}

export function count(stroke: Stroke): number {
  return stroke.points.length / FIELDS;
}

export function xy(stroke: Stroke, index: number): [number, number] {
  return [stroke.points[FIELDS * index] ?? 0, stroke.points[FIELDS * index + 1] ?? 0];
}

export function bounds(strokes: Stroke[]): Box {
  const box = { left: Infinity, top: Infinity, right: -Infinity, bottom: -Infinity };
  for (const stroke of strokes) {
    for (let i = 0; i < count(stroke); i++) {
      const [x, y] = xy(stroke, i);
      box.left = Math.min(box.left, x);
      box.right = Math.max(box.right, x);
      box.top = Math.min(box.top, y);
      box.bottom = Math.max(box.bottom, y);
    }
  }
  return box;
}

/** Distance of a point from the segment between two others. */
function distance(px: number, py: number, [ax, ay]: [number, number], [bx, by]: [number, number]): number {
  const dx = bx - ax;
  const dy = by - ay;
  const length = dx * dx + dy * dy;
  const t = length === 0 ? 0 : Math.max(0, Math.min(1, ((px - ax) * dx + (py - ay) * dy) / length));
  return Math.hypot(px - ax - t * dx, py - ay - t * dy);
}

function near(stroke: Stroke, index: number, x: number, y: number, radius: number): boolean {
  const next = Math.min(index + 1, count(stroke) - 1);
  return distance(x, y, xy(stroke, index), xy(stroke, next)) <= radius;
}

/** Whether a round eraser touches the stroke. */
export function touches(stroke: Stroke, x: number, y: number, radius: number): boolean {
  const reach = radius + stroke.width / 2;
  return Array.from({ length: Math.max(1, count(stroke) - 1) }, (_, i) => i).some((i) => near(stroke, i, x, y, reach));
}

/** What a round eraser leaves of a stroke: itself when untouched, else its pieces, each a stroke of its own. */
export function rubbed(stroke: Stroke, x: number, y: number, radius: number, newId: () => string): Stroke[] {
  if (!touches(stroke, x, y, radius)) {
    return [stroke];
  }
  const pieces: number[][] = [];
  let piece: number[] = [];
  const end = () => {
    if (piece.length > FIELDS) {
      pieces.push(piece);
    }
    piece = [];
  };
  for (let i = 0; i < count(stroke); i++) {
    const [px, py] = xy(stroke, i);
    if (Math.hypot(px - x, py - y) <= radius) {
      end();
      continue;
    }
    piece.push(...stroke.points.slice(FIELDS * i, FIELDS * (i + 1)));
    if (i + 1 < count(stroke) && near(stroke, i, x, y, radius)) {
      end();
    }
  }
  end();
  return pieces.map((points) => ({ ...stroke, id: newId(), points }));
}

export function moved(stroke: Stroke, dx: number, dy: number): Stroke {
  return {
    ...stroke,
    points: stroke.points.map((n, i) => (i % FIELDS === 0 ? round(n + dx) : i % FIELDS === 1 ? round(n + dy) : n)),
  };
}

export function round(n: number): number {
  return Math.round(n * 10) / 10;
}

/** Whether the whole stroke lies in the box. */
export function within(stroke: Stroke, box: Box): boolean {
  const own = bounds([stroke]);
  return own.left >= box.left && own.right <= box.right && own.top >= box.top && own.bottom <= box.bottom;
}

export function boxOf(ax: number, ay: number, bx: number, by: number): Box {
  return { left: Math.min(ax, bx), right: Math.max(ax, bx), top: Math.min(ay, by), bottom: Math.max(ay, by) };
}

/** A straight line as points close enough together to be rubbed out in part. */
export function straight(ax: number, ay: number, bx: number, by: number): number[] {
  const steps = Math.max(1, Math.ceil(Math.hypot(bx - ax, by - ay) / 4));
  return Array.from({ length: steps + 1 }, (_, i) => [
    round(ax + ((bx - ax) * i) / steps),
    round(ay + ((by - ay) * i) / steps),
    0.5,
    i * 8,
  ]).flat();
}
