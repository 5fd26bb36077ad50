import type { Schemas } from '../../api/client';

type Row = Schemas['StudentRow'];
export type Column = 'name' | 'known' | 'open' | 'late' | 'minutes' | 'last';

function compare(a: Row, b: Row, column: Column): number {
  switch (column) {
    case 'name':
      return a.student.name.localeCompare(b.student.name);
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

/** The rows by a column; equal ones by name. @param down the largest first */
export function sorted(rows: Row[], column: Column, down: boolean): Row[] {
  return rows.toSorted((a, b) => (down ? -1 : 1) * compare(a, b, column) || compare(a, b, 'name'));
}
