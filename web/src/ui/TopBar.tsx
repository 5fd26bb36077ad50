import type { ReactNode } from 'react';
import { NavLink } from 'react-router';
import { useMe, useSignOut } from '../features/session/useSession';
import { useCounts } from '../features/session/useCounts';
import { Button } from './Button';
import { Mark } from './Mark';

const STUDENT: [string, string][] = [
  ['/due', 'Due'],
  ['/map', 'Map'],
  ['/review', 'Review'],
  ['/book', 'Book'],
  ['/paper', 'Paper'],
  ['/progress', 'Progress'],
  ['/entering', 'Entering answers'],
  ['/questions', 'Questions'],
];
const INSTRUCTOR: [string, string][] = [
  ['/class', 'Class'],
  ['/class/assignments', 'Assignments'],
  ['/class/marks', 'Marks'],
  ['/paper', 'Paper'],
  ['/handed-in', 'Work to read'],
  ['/questions', 'Questions'],
  ['/gallery', 'Items'],
  ['/workbench', 'Own skills'],
];

/** How much waits on a page, in its name. */
function Count({ of }: { of: number | undefined }) {
  return of === undefined || of === 0 ? null : (
    <span className="ml-1 rounded-full bg-larch-wash px-1.5 text-sm font-semibold text-larch">
      {of}
      <span className="sr-only"> waiting</span>
    </span>
  );
}

/** The way between the main pages. */
export function TopBar({ children }: { children?: ReactNode }) {
  const me = useMe();
  const signOut = useSignOut();
  const counts = useCounts(me.data?.role);
  const places = me.data?.role === 'INSTRUCTOR' ? INSTRUCTOR : STUDENT;
  return (
    <header className="flex flex-wrap print:hidden items-center justify-between gap-x-4 gap-y-1 border-b border-rule px-6 py-2">
      <span className="flex flex-wrap items-center gap-x-5 gap-y-1">
        <Mark />
        <nav aria-label="Pages" className="flex flex-wrap gap-x-4">
          {places.map(([to, name]) => (
            <NavLink
              key={to}
              to={to}
              end={to === '/class'}
              className="rounded py-1 text-ink no-underline aria-[current=page]:border-b-2 aria-[current=page]:border-larch-mark aria-[current=page]:font-semibold"
            >
              {name}
              <Count of={counts[to]} />
            </NavLink>
          ))}
        </nav>
        {children}
      </span>
      <span className="flex flex-wrap items-center gap-x-3 text-soft">
        <NavLink to="/account" className="text-soft">
          {me.data?.name}
        </NavLink>
        {me.data?.role === 'INSTRUCTOR' ? (
          <NavLink to="/classes" className="max-w-44 truncate text-soft" title="Your classes">
            {me.data.className}
          </NavLink>
        ) : (
          <span className="hidden lg:inline">{me.data?.className}</span>
        )}
        <Button look="quiet" onClick={() => signOut.mutate()}>
          Sign out
        </Button>
      </span>
    </header>
  );
}
