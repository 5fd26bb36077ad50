import type { Schemas } from '../../api/client';

type Row = Schemas['AssignmentRow'];
/**
 * Assignments under a heading.
 *
 * @param count how many there are, loaded or not
 * @param more whether they stand folded up at first
 */
export type Group = { name: string; of: Row[]; count: number; more: boolean };

/**
 * What runs now, what opens later, what is past (the latest first), what was withdrawn.
 *
 * @param words all of which a title or its skills must have
 */
export function groups({ now, all, withdrawn, past: pastCount }: Schemas['Assignments'], words: string): Group[] {
  const wanted = words.toLowerCase().split(/\s+/);
  const find = (rows: Row[]) =>
    rows.filter((a) => wanted.every((w) => `${a.title} ${a.skills.join(' ')}`.toLowerCase().includes(w)));
  const later = (a: Row) => a.opens !== undefined && a.opens > now;
  const past = (a: Row) => a.due < now;
  const group = (name: string, of: Row[], more: boolean) => ({ name, of, count: of.length, more });
  const gone = group('Past', find(all.filter(past)).toReversed(), words === '');
  return [
    group('Running', find(all.filter((a) => !later(a) && !past(a))), false),
    group('Opens later', find(all.filter((a) => later(a) && !past(a))), false),
    words === '' ? { ...gone, count: pastCount } : gone,
    group('Withdrawn', find(withdrawn), words === ''),
  ].filter((each) => each.count > 0);
}
