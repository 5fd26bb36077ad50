import { Link } from 'react-router';
import { Notice } from '../../ui/Notice';
import { TopBar } from '../../ui/TopBar';
import { Roster } from './Roster';
import { type Glance, useClass } from './useClass';

/** The class at a glance: who is where, and who is stuck on what. */
export default function ClassScreen() {
  const hand = useClass();
  return (
    <div className="min-h-screen">
      <TopBar />
      <main className="mx-auto grid max-w-6xl gap-8 px-6 py-8">
        {hand.glance.isPending && <Notice title="Looking at the class." />}
        {hand.glance.isError && <Notice title="This could not be loaded.">{hand.glance.error.message}</Notice>}
        {hand.glance.isSuccess && (
          <>
            <h1 className="font-serif text-3xl font-bold">{hand.glance.data.className}</h1>
            <StuckList glance={hand.glance.data} />
            <Students glance={hand.glance.data} />
            <Roster hand={hand} />
          </>
        )}
      </main>
    </div>
  );
}

function StuckList({ glance }: { glance: Glance }) {
  return (
    <section aria-label="Who is stuck">
      <h2 className="font-serif text-xl font-semibold">Who is stuck</h2>
      {glance.stuck.length === 0 ? (
        <p className="text-soft">Nobody just now. A student stands here who missed at least half of the last six items of a skill.</p>
      ) : (
        <ul className="mt-2 grid gap-3 md:grid-cols-2">
          {glance.stuck.map((s) => (
            <li key={s.skillId} className="rounded-slip border border-rule bg-leaf p-4">
              <p>
                <strong>{s.skill}</strong>: {s.students.join(', ')}
              </p>
              {s.mistake !== '' && (
                <p className="mt-1 border-l-2 border-larch-mark pl-3 text-soft">
                  The common mistake{s.times > 1 && ` (${s.times} times)`}: {s.mistake}
                </p>
              )}
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

function lastWords(at: string | undefined): string {
  return at === undefined ? 'not yet' : new Date(at).toLocaleDateString('en', { weekday: 'short', day: 'numeric', month: 'short' });
}

function Students({ glance }: { glance: Glance }) {
  if (glance.students.length === 0) {
    return <Notice title="Nobody is in this class yet.">Add a student below, or bring in a roster.</Notice>;
  }
  return (
    <section aria-label="Students" className="overflow-x-auto">
      <table className="w-full border-collapse">
        <caption className="pb-2 text-left font-serif text-xl font-semibold">Where everybody is</caption>
        <thead>
          <tr className="text-left text-sm text-soft">
            <th scope="col" className="py-1 pr-4 font-normal">Student</th>
            <th scope="col" className="pr-4 text-right font-normal">Skills known</th>
            <th scope="col" className="pr-4 text-right font-normal">Open</th>
            <th scope="col" className="pr-4 text-right font-normal">Late</th>
            <th scope="col" className="pr-4 text-right font-normal">Minutes this week</th>
            <th scope="col" className="pr-4 font-normal">Last seen</th>
            <th scope="col" className="font-normal">Stuck on</th>
          </tr>
        </thead>
        <tbody>
          {glance.students.map((s) => (
            <tr key={s.student.id} className="border-t border-rule">
              <th scope="row" className="py-1.5 pr-4 text-left font-semibold whitespace-nowrap">
                <Link to={`/class/students/${s.student.id}`}>{s.student.name}</Link>
                {s.student.waiting && <span className="ml-2 text-sm font-normal text-soft">not opened yet</span>}
                {s.student.extraTime > 0 && <span className="ml-2 text-sm font-normal text-soft">+{s.student.extraTime}% time</span>}
              </th>
              <td className="pr-4 text-right">{s.known}</td>
              <td className="pr-4 text-right">{s.open}</td>
              <td className={`pr-4 text-right ${s.late > 0 ? 'font-semibold text-larch' : ''}`}>{s.late}</td>
              <td className="pr-4 text-right">{s.minutesThisWeek}</td>
              <td className="pr-4 whitespace-nowrap">{lastWords(s.lastAt)}</td>
              <td className="text-soft">{s.stuckOn.join(', ')}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
