import type { Schemas } from '../../api/client';

export type Assignment = Schemas['DueAssignment'];

/** How far away a day is, as one would say it. */
export function daysAway(due: Date, now: Date): string {
  const days = Math.round((new Date(due).setHours(0, 0, 0, 0) - new Date(now).setHours(0, 0, 0, 0)) / 86_400_000);
  if (days === 0) {
    return due < now ? 'earlier today' : 'today';
  }
  if (days === 1 || days === -1) {
    return days === 1 ? 'tomorrow' : 'yesterday';
  }
  return days > 0 ? `in ${days} days` : `${-days} days ago`;
}

export function actionOf(a: Assignment): string {
  if (a.finished) {
    return 'Practise more';
  }
  return a.started ? 'Go on' : 'Start';
}

/** Where a skill stands, with the work that waits to be read. */
export function stateOf(s: Schemas['DueSkill'], a: Assignment): string {
  if (s.reached) {
    return s.late ? 'reached, late' : 'reached';
  }
  if (s.reachedWaiting) {
    return `reached, waiting for ${pages(s.pagesWaiting)} to be read`;
  }
  if (!s.started) {
    return s.known ? 'you know this already' : 'not started';
  }
  const stands = a.byScore ? `score ${s.stands}` : `${s.stands} of ${a.flag}`;
  return s.pagesWaiting > 0
    ? `${stands}, and ${s.hoped} once ${pages(s.pagesWaiting)} ${s.pagesWaiting === 1 ? 'is' : 'are'} read`
    : stands;
}

/**
 * What to do first: the one that is due soonest of those not finished, late work before it.
 *
 * @returns its id, or empty when all is done
 */
export function nextOf(sections: { rows: Assignment[] }[]): string {
  return sections.flatMap((section) => section.rows).find((a) => !a.finished)?.id ?? '';
}

export const pages = (n: number) => (n === 1 ? '1 page' : `${n} pages`);

/**
 * Assignments under a heading.
 *
 * @param of how many there are, shown or not
 */
export type Section = { title: string; rows: Assignment[]; of: number; folded: boolean };

/** Late work first, then what is due soon; what is finished and past comes last. */
export function sorted({ assignments, late, finished }: Schemas['Due']): Section[] {
  const past = assignments.filter((a) => a.when === 'PAST');
  const section = (title: string, rows: Assignment[]) => ({ title, rows, of: rows.length, folded: false });
  return [
    { title: 'Late', rows: past.filter((a) => !a.finished), of: late, folded: false },
    section(
      'Next seven days',
      assignments.filter((a) => a.when === 'SOON'),
    ),
    section(
      'Later',
      assignments.filter((a) => a.when === 'LATER'),
    ),
    { title: 'Finished', rows: past.filter((a) => a.finished), of: finished, folded: true },
  ];
}
