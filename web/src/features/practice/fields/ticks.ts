import { boxOf } from '../../../figures/geometry';
import type { Scene, Spot } from '../../../figures/SceneView';

/** The middle of a tick, across. */
export const middleOf = (spot: Spot) => boxOf(spot).x + boxOf(spot).width / 2;

/** The tick that is nearest to a place in the picture; none where there are no ticks. */
export function nearest(scene: Scene, x: number): Spot | undefined {
  return scene.spots.toSorted((a, b) => Math.abs(middleOf(a) - x) - Math.abs(middleOf(b) - x))[0];
}

const STEPS: Record<string, number> = { ArrowLeft: -1, ArrowDown: -1, ArrowRight: 1, ArrowUp: 1 };

/**
 * The tick that a key leads to. Home and End go to the ends; the first key, whichever it is, to the left end.
 *
 * @param at index of the tick where it is, or -1
 * @returns undefined for a key that moves nothing
 */
export function moved(scene: Scene, at: number, key: string): Spot | undefined {
  const last = scene.spots.length - 1;
  const step = STEPS[key];
  if (step !== undefined) {
    return scene.spots[at < 0 ? 0 : Math.min(last, Math.max(0, at + step))];
  }
  return key === 'Home' ? scene.spots[0] : key === 'End' ? scene.spots[last] : undefined;
}

/** Of the line itself, down from the top: the ticks reach two thirds of their height above it. */
export function heightOf(scene: Scene): number {
  const [first] = scene.spots;
  if (first === undefined) {
    return 0;
  }
  const box = boxOf(first);
  return box.y + (box.height * 2) / 3;
}
