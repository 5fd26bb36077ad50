import type { Schemas } from '../../api/client';

type What = Schemas['Line']['what'];

const WORDS: Record<What, string> = {
  ADDED: 'added',
  RENAMED: 'renamed',
  TAKEN_OUT: 'taken out',
  BACK: 'back in the class',
  SAME: 'as before',
  REFUSED: 'not taken in',
};

/** How many of each, in words: “2 added, 1 renamed, 20 as before”. */
export function summary(lines: readonly { what: What }[]): string {
  return (Object.keys(WORDS) as What[])
    .map((what) => ({ what, count: lines.filter((line) => line.what === what).length }))
    .filter(({ count }) => count > 0)
    .map(({ what, count }) => `${count} ${WORDS[what]}`)
    .join(', ');
}

/** What becomes of a student, in one word or two. */
export const wordFor = (what: What) => WORDS[what];

/** Whether anything in the class changes. */
export const changes = (lines: readonly { what: What }[]) =>
  lines.some(({ what }) => what !== 'SAME' && what !== 'REFUSED');

/** In their order, but what stays as it is comes last: one scrolls past nothing that matters. */
export function changesFirst<T extends { what: What }>(lines: readonly T[]): T[] {
  return [...lines.filter(({ what }) => what !== 'SAME'), ...lines.filter(({ what }) => what === 'SAME')];
}
