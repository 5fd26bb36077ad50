import type { Schemas } from '../../api/client';

type Row = Schemas['StudentRow'];
export type Column = 'name' | 'known' | 'open' | 'late' | 'minutes' | 'last';

function compare(a: Row, b: Row, column: Column): number {
  switch (column) {
    case 'name':
      return byFamily(a).localeCompare(byFamily(b)) || a.student.name.localeCompare(b.student.name);
    case 'known':
      return a.known - b.known;
    case 'open':
      return a.open - b.open;
    case 'late':
      return a.late - b.late;
    case 'minutes':
      return a.minutesThisWeek - b.minutesThisWeek;
    case 'last':
      return (a.lastAt ?? '').localeCompare(b.lastAt ?? '');
    default: {
      const never: never = column;
      return never;
    }
  }
}

function byFamily({ student }: Row): string {
  return student.family === '' ? student.name : student.family;
}

/** Letters alone: small, and without the marks on them. */
function plain(text: string): string {
  return text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();
}

/** The students whose name, or name to sign in with, has the text in it. */
export function found(rows: Row[], text: string): Row[] {
  const wanted = plain(text.trim());
  return rows.filter(({ student }) => plain(`${student.name} ${student.username}`).includes(wanted));
}

/** The rows by a column; equal ones by name, family name first. @param down the largest first */
export function sorted(rows: Row[], column: Column, down: boolean): Row[] {
  return rows.toSorted((a, b) => (down ? -1 : 1) * compare(a, b, column) || compare(a, b, 'name'));
}
