import { useLocation } from 'react-router';
import { Notice } from '../../ui/Notice';
import { TopBar } from '../../ui/TopBar';
import { useFocusKept } from '../../ui/useFocusKept';
import { Closed } from './Closed';
import { OneRoster } from '../exchange/OneRoster';
import { Records } from '../exchange/Records';
import { Roster } from './Roster';
import { Students } from './Students';
import { StuckList } from './StuckList';
import { type Glance, useClass } from './useClass';

/** The class at a glance: who is where, and who is stuck on what. */
export default function ClassScreen() {
  const hand = useClass();
  const said = saidBefore(useLocation().state);
  const closed = hand.glance.data?.closed.length ?? 0;
  useFocusKept(closed, () => document.querySelector(closed > 0 ? '[data-closed]' : 'main h1'));
  return (
    <div className="min-h-screen">
      <TopBar />
      <main className="page gap-8">
        {hand.glance.isPending && <Notice title="Loading the class." />}
        {hand.glance.isError && <Notice title="This could not be loaded.">{hand.glance.error.message}</Notice>}
        {hand.glance.isSuccess && (
          <>
            <header>
              <h1 tabIndex={-1} className="font-serif text-3xl font-bold outline-none">
                {hand.glance.data.className}
              </h1>
              <p className="text-soft">{inWords(hand.glance.data)}</p>
              {said !== '' && (
                <p role="status" className="mt-2 rounded-slip bg-spruce-wash px-4 py-2">
                  {said}
                </p>
              )}
            </header>
            {hand.glance.data.students.length === 0 ? (
              <Notice title="Nobody is in this class yet.">Add a student below, or bring in a roster.</Notice>
            ) : (
              <Students rows={hand.glance.data.students} skills={hand.glance.data.skills} />
            )}
            {hand.glance.data.students.length > 0 && <StuckList glance={hand.glance.data} />}
            <Roster hand={hand} />
            <OneRoster />
            <Records />
            {hand.glance.data.closed.length > 0 && <Closed students={hand.glance.data.closed} />}
          </>
        )}
      </main>
    </div>
  );
}

function inWords({ students, stuck }: Glance): string {
  const late = students.filter((s) => s.late > 0).length;
  const quiet = students.filter((s) => s.minutesThisWeek === 0).length;
  const people = students.length === 1 ? 'One student' : `${students.length} students`;
  return [
    people,
    `${late} late with something`,
    `${quiet} not at work this week`,
    stuck.length === 0 ? 'nobody stuck' : `stuck in ${stuck.length === 1 ? 'one skill' : `${stuck.length} skills`}`,
  ].join(' · ');
}

/** What was done on the page that led here. */
function saidBefore(state: unknown): string {
  return typeof state === 'object' && state !== null && 'said' in state && typeof state.said === 'string'
    ? state.said
    : '';
}
