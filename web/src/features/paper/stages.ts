import type { PaperDone, Sheet } from './usePaper';

/** Where somebody is with a sheet, in a few words. */
export function stageOf(done: PaperDone, items: number): string {
  switch (done.stage) {
    case 'OPENED':
      return done.tried === 0 ? 'begun' : `${done.tried} of ${items} tried`;
    case 'SOLVED':
      return 'solutions open, not marked yet';
    case 'MARKED':
      return 'self-marked, not looked at yet';
    case 'ACCEPTED':
      return 'self-marked, accepted';
    case 'RETURNED':
      return 'to be marked once more';
  }
}

/** The marks, as in "14 of 20, 70%, on the way"; empty before they are given. */
export function marksOf({ have, most, percent, word }: PaperDone): string {
  return have === undefined || percent === undefined
    ? ''
    : [`${have} of ${most}`, `${percent}%`, word].filter((text) => text !== '').join(', ');
}

/** What is to do now, from 0: try, look at the solutions, mark, nothing. */
export function stepOf({ solved, tried, done }: { solved: boolean; tried: boolean; done: PaperDone }): number {
  if (!solved) {
    return tried ? 1 : 0;
  }
  return done.stage === 'SOLVED' || done.stage === 'RETURNED' ? 2 : 3;
}

/** A code as it stands in an address, however it was typed; empty for what is none. */
export function codeOf(typed: string): string {
  const plain = typed.toLowerCase().replace(/[^a-z0-9]/g, '');
  return plain.length === 6 ? `${plain.slice(0, 3)}-${plain.slice(3)}` : '';
}

type Row = { code: string; student: string; done: PaperDone | undefined };

/** One line a student: whoever has come back with a copy, and whoever has one by name. */
export function rowsOf({ copies }: Sheet): Row[] {
  return copies.flatMap(({ code, student, done }): Row[] =>
    done.length > 0
      ? done.map((one) => ({ code, student: one.student, done: one }))
      : student === undefined
        ? []
        : [{ code, student, done: undefined }],
  );
}
