import type { Schemas } from '../../api/client';

type Row = Schemas['AssignmentRow'];
/** Assignments under a heading; `more` for what stands folded up at first. */
export type Group = { name: string; of: Row[]; more: boolean };

/**
 * What runs now, what opens later, what is past (the latest first), what was withdrawn.
 *
 * @param words all of which a title or its skills must have
 */
export function groups({ now, all, withdrawn }: Schemas['Assignments'], words: string): Group[] {
  const wanted = words.toLowerCase().split(/\s+/);
  const find = (rows: Row[]) =>
    rows.filter((a) => wanted.every((w) => `${a.title} ${a.skills.join(' ')}`.toLowerCase().includes(w)));
  const later = (a: Row) => a.opens !== undefined && a.opens > now;
  const past = (a: Row) => a.due < now;
  return [
    { name: 'Running', of: find(all.filter((a) => !later(a) && !past(a))), more: false },
    { name: 'Opens later', of: find(all.filter((a) => later(a) && !past(a))), more: false },
    { name: 'Past', of: find(all.filter(past)).toReversed(), more: words === '' },
    { name: 'Withdrawn', of: find(withdrawn), more: words === '' },
  ].filter((group) => group.of.length > 0);
}
