import type { View } from './usePractice';

/** Where right and missed would lead, in words; empty when the item is closed. */
export function ahead({ item, target, forecast }: View): string {
  if (item.outcome !== undefined || target.reached) {
    return '';
  }
  switch (target.kind) {
    case 'SCORE':
      return `Right leads to ${forecast.ifRight}, missed to ${forecast.ifMissed}. The target is ${target.flag}.`;
    case 'RUN':
      // Without a step below the first, a miss costs none.
      return `If right: step ${forecast.ifRight}; if missed: ${forecast.ifMissed === target.hoped ? 'no step lost' : `step ${forecast.ifMissed}`}.`;
    default:
      return '';
  }
}

/** Of a run: what is right in a row, and what a row would do. */
export function row({ target }: View): string {
  return `${target.inRow} right in a row; ${target.rowWanted} in a row reach the target at once.`;
}
