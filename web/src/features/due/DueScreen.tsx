import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { api, type Schemas, taken } from '../../api/client';
import { Notice } from '../../ui/Notice';
import { TopBar } from '../../ui/TopBar';
import { SmallRidge } from './SmallRidge';
import { useDue } from './useDue';

type Assignment = Schemas['DueAssignment'];

/** What is due, soonest first, each with one action that goes on where the student left. */
export function DueScreen() {
  const due = useDue();
  return (
    <div className="flex min-h-screen flex-col">
      <TopBar />
      <main className="mx-auto w-full max-w-5xl flex-1 px-6 py-8">
        {due.isPending && <Notice title="Looking up what is due." />}
        {due.isError && <Notice title="This could not be loaded.">{due.error.message}</Notice>}
        {due.isSuccess && <Lists due={due.data} />}
      </main>
    </div>
  );
}

function Lists({ due }: { due: Schemas['Due'] }) {
  const of = (when: string) => due.assignments.filter((a) => a.when === when);
  const open = of('SOON').filter((a) => !a.finished).length;
  const now = new Date(due.now);
  if (due.assignments.length === 0) {
    return <Notice title="Nothing is assigned yet.">When your instructor sets work, it stands here.</Notice>;
  }
  return (
    <>
      {due.assignments.every((a) => !a.started) && (
        <p className="mb-6 rounded-slip border-l-4 border-glacier bg-glacier-wash p-4">
          First time here? <Link to="/entering">Try how answers are entered</Link>: a fraction, a power, a point on a grid. It takes five minutes and nothing counts. Or <Link to="/check">find out what you know already</Link>.
        </p>
      )}
      <RefreshNote />
      <h1 className="font-serif text-3xl font-bold">Next seven days</h1>
      <p className="mt-1 text-soft">{open === 0 ? 'Nothing is left to finish this week.' : `${open} to finish. Each goes on exactly where you left it.`}</p>
      <Rows rows={of('SOON')} now={now} />
      <Section title="Later" rows={of('LATER')} now={now} />
      <Section title="Past" rows={of('PAST')} now={now} />
    </>
  );
}

/** Skills that were reached some weeks ago, to be looked at once more. */
function RefreshNote() {
  const check = useQuery({ queryKey: ['check'], queryFn: () => taken(api.GET('/api/check')) });
  const due = check.data?.due ?? [];
  return due.length === 0 ? null : (
    <p className="mb-6 rounded-slip bg-glacier-wash px-4 py-2 text-[0.95rem]">
      {due.length === 1 ? 'One skill is' : `${due.length} skills are`} due for a refresh. <Link to="/review">A mixed set</Link> takes some minutes and can lower nothing.
    </p>
  );
}

function Section({ title, rows, now }: { title: string; rows: Assignment[]; now: Date }) {
  return rows.length === 0 ? null : (
    <>
      <h2 className="mt-10 font-serif text-2xl font-semibold">{title}</h2>
      <Rows rows={rows} now={now} />
    </>
  );
}

function Rows({ rows, now }: { rows: Assignment[]; now: Date }) {
  return (
    <ul className="mt-4 border-t border-rule">
      {rows.map((a) => (
        <Row key={a.id} assignment={a} now={now} />
      ))}
    </ul>
  );
}

function daysAway(due: Date, now: Date): string {
  const days = Math.round((new Date(due).setHours(0, 0, 0, 0) - new Date(now).setHours(0, 0, 0, 0)) / 86_400_000);
  if (days === 0) {
    return due < now ? 'earlier today' : 'today';
  }
  const size = Math.abs(days) === 1 ? '1 day' : `${Math.abs(days)} days`;
  return days > 0 ? `in ${size}` : `${size} ago`;
}

function actionOf(a: Assignment): string {
  if (a.finished) {
    return 'Practise more';
  }
  return a.started ? 'Go on' : 'Start';
}

function stateOf(s: Schemas['DueSkill'], a: Assignment): string {
  if (s.reached) {
    return s.late ? 'reached, late' : 'reached';
  }
  if (!s.started) {
    return 'not started';
  }
  return a.byScore ? `score ${s.stands}` : `${s.stands} of ${a.flag}`;
}

function Row({ assignment: a, now }: { assignment: Assignment; now: Date }) {
  const due = new Date(a.due);
  return (
    <li className="grid grid-cols-[5.5rem_1fr] items-center gap-x-4 gap-y-2 border-b border-rule py-4 md:grid-cols-[6rem_1fr_13rem_9rem]">
      <p>
        <span className="block font-semibold">{due.toLocaleDateString('en', { weekday: 'short', day: 'numeric', month: 'short' })}</span>
        <span className="text-sm text-soft">{daysAway(due, now)}</span>
      </p>
      <div>
        <h3 className="font-serif text-xl font-semibold">{a.title}</h3>
        <ul className="text-soft">
          {a.skills.map((s) => (
            <li key={s.id}>
              <Link to={`/practice/${a.id}/${s.id}`} className="text-soft underline decoration-rule underline-offset-4 hover:decoration-ink">
                {s.name}
              </Link>
              : {stateOf(s, a)}
            </li>
          ))}
          {a.quiz !== undefined && (
            <li>
              <Link to={`/quiz/${a.id}`} className="text-soft underline decoration-rule underline-offset-4 hover:decoration-ink">
                Quiz in rounds
              </Link>
              : {a.quiz.words}
            </li>
          )}
        </ul>
        <p className="text-sm text-soft">
          Target: {a.target}
          {a.waiting > 0 && `. ${a.waiting === 1 ? 'One page of work waits' : `${a.waiting} pages of work wait`} to be read`}
          {a.when === 'PAST' && !a.finished && '. Late work is still taken and marked late.'}
        </p>
        {a.sentBack > 0 && (
          <p>
            <Link to="/book">{a.sentBack === 1 ? 'One page was sent back' : `${a.sentBack} pages were sent back`} for more work</Link>
          </p>
        )}
      </div>
      <div className="col-start-2 md:col-start-auto">
        {a.skills.filter((s) => s.started).map((s) => (
          <SmallRidge key={s.id} name={s.name} course={s.course} flag={a.flag} most={a.byScore ? 100 : a.flag} />
        ))}
      </div>
      <Link
        to={a.quiz?.open === true && (a.skills.length === 0 || !a.quiz.finished) ? `/quiz/${a.id}` : `/practice/${a.id}/${a.resume}`}
        aria-label={`${actionOf(a)}: ${a.title}`}
        className={`col-start-2 justify-self-start rounded-slip border px-4 py-2 no-underline md:col-start-auto md:justify-self-end ${
          a.started && !a.finished ? 'border-spruce bg-spruce font-semibold text-on-spruce' : 'border-edge bg-leaf text-ink'
        }`}
      >
        {actionOf(a)}
      </Link>
    </li>
  );
}
