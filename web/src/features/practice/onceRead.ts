import type { View } from './usePractice';

/** What reading would bring: "and 81 once 2 pages are read". */
export function onceRead({ hoped, pagesWaiting }: View['target']): string {
  return pagesWaiting === 0
    ? ''
    : `and ${hoped} once ${pagesWaiting === 1 ? '1 page is' : `${pagesWaiting} pages are`} read`;
}
