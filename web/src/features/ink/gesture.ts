import {
  type Box,
  boxOf,
  FIELDS,
  moved,
  newStrokeId,
  round,
  rubbed,
  straight,
  type Stroke,
  touches,
  within,
} from './strokes';
import { ERASER, HIGHLIGHTER_TIMES, type Settings } from './tools';

/** A place on the page: x and y in page units, pressure 0 to 1, time in milliseconds. */
export type Spot = { x: number; y: number; pressure: number; at: number };

/** What is being done between pen down and pen up. */
export type Gesture =
  | { kind: 'drawing'; stroke: Stroke; from: Spot }
  | { kind: 'ruling'; stroke: Stroke; from: Spot }
  | { kind: 'erasing'; area: boolean; before: Stroke[]; now: Stroke[]; at: Spot }
  | { kind: 'boxing'; from: Spot; to: Spot }
  | { kind: 'moving'; from: Spot; to: Spot; chosen: string[] };

/** Points closer than this, in page units, say nothing new. */
const CLOSE = 0.6;
/** A longer stroke goes on as a new one. */
export const LONGEST = 4500;

function point({ x, y, pressure, at }: Spot, since: number): number[] {
  return [round(x), round(y), Math.round(pressure * 100) / 100, Math.max(0, Math.round(at - since))];
}

function fresh(spot: Spot, { tool, colour, width }: Settings): Stroke {
  const highlights = tool === 'highlighter';
  return {
    id: newStrokeId(),
    tool: highlights ? 'HIGHLIGHTER' : 'PEN',
    width: highlights ? width * HIGHLIGHTER_TIMES : width,
    colour,
    points: point(spot, spot.at),
  };
}

function inside(box: Box, { x, y }: Spot): boolean {
  return x >= box.left && x <= box.right && y >= box.top && y <= box.bottom;
}

/** @param chosen what is selected, and the box around it */
export function begin(
  spot: Spot,
  settings: Settings,
  strokes: Stroke[],
  chosen: { ids: string[]; box: Box } | null,
): Gesture {
  switch (settings.tool) {
    case 'pen':
    case 'highlighter':
    case 'hand':
      return { kind: 'drawing', stroke: fresh(spot, settings), from: spot };
    case 'ruler':
      return { kind: 'ruling', stroke: fresh(spot, settings), from: spot };
    case 'stroke-eraser':
    case 'area-eraser':
      return erased(
        { kind: 'erasing', area: settings.tool === 'area-eraser', before: strokes, now: strokes, at: spot },
        spot,
      );
    case 'select':
      return chosen !== null && inside(chosen.box, spot)
        ? { kind: 'moving', from: spot, to: spot, chosen: chosen.ids }
        : { kind: 'boxing', from: spot, to: spot };
    default: {
      const never: never = settings.tool;
      return never;
    }
  }
}

function erased(gesture: Extract<Gesture, { kind: 'erasing' }>, spot: Spot): Gesture {
  const now = gesture.area
    ? gesture.now.flatMap((s) => rubbed(s, spot.x, spot.y, ERASER, newStrokeId))
    : gesture.now.filter((s) => !touches(s, spot.x, spot.y, ERASER));
  return { ...gesture, now, at: spot };
}

/** The gesture after the pointer has come to another place. */
export function followed(gesture: Gesture, spot: Spot): Gesture {
  switch (gesture.kind) {
    case 'drawing': {
      const { points } = gesture.stroke;
      const far = Math.hypot(spot.x - (points.at(-FIELDS) ?? 0), spot.y - (points.at(1 - FIELDS) ?? 0)) >= CLOSE;
      return far && points.length < FIELDS * LONGEST
        ? { ...gesture, stroke: { ...gesture.stroke, points: [...points, ...point(spot, gesture.from.at)] } }
        : gesture;
    }
    case 'ruling':
      return {
        ...gesture,
        stroke: { ...gesture.stroke, points: straight(gesture.from.x, gesture.from.y, spot.x, spot.y) },
      };
    case 'erasing':
      return erased(gesture, spot);
    case 'boxing':
    case 'moving':
      return { ...gesture, to: spot };
    default: {
      const never: never = gesture;
      return never;
    }
  }
}

/** The strokes as the gesture leaves them. */
export function result(gesture: Gesture, strokes: Stroke[]): Stroke[] {
  switch (gesture.kind) {
    case 'drawing':
    case 'ruling':
      return [...strokes, gesture.stroke];
    case 'erasing':
      return gesture.now;
    case 'boxing':
      return strokes;
    case 'moving':
      return strokes.map((s) =>
        gesture.chosen.includes(s.id) ? moved(s, gesture.to.x - gesture.from.x, gesture.to.y - gesture.from.y) : s,
      );
    default: {
      const never: never = gesture;
      return never;
    }
  }
}

/** What a drawn box selects. */
export function chosenBy(gesture: Gesture, strokes: Stroke[]): string[] {
  if (gesture.kind === 'moving') {
    return gesture.chosen;
  }
  if (gesture.kind !== 'boxing') {
    return [];
  }
  const box = boxOf(gesture.from.x, gesture.from.y, gesture.to.x, gesture.to.y);
  const whole = strokes.filter((s) => within(s, box));
  const tap = box.right - box.left < 4 && box.bottom - box.top < 4;
  return (tap ? strokes.filter((s) => touches(s, gesture.to.x, gesture.to.y, ERASER)).slice(-1) : whole).map(
    (s) => s.id,
  );
}
