import { Link } from 'react-router';
import { sheetOf } from '../paper/wanted';
import { SmallRidge } from './SmallRidge';
import { actionOf, type Assignment, daysAway, pages, stateOf } from './words';

const QUIET_LINK = 'text-ink underline decoration-rule underline-offset-4 hover:decoration-ink';

/**
 * One assignment on one line, with a line for each further skill of it.
 *
 * @param props.isNext whether it is what to do first
 */
export function Row({ assignment: a, now, isNext }: { assignment: Assignment; now: Date; isNext: boolean }) {
  const due = new Date(a.due);
  return (
    <li className="grid grid-cols-[1fr_auto] items-center gap-x-4 gap-y-1 border-b border-rule py-1.5 md:grid-cols-[6.5rem_15rem_1fr_8.5rem]">
      <p className="text-sm leading-snug">
        <span className="block font-semibold">
          {due.toLocaleDateString('en', { weekday: 'short', day: 'numeric', month: 'short' })}
        </span>
        <span className="text-soft">{daysAway(due, now)}</span>
      </p>
      <div className="col-span-2 leading-snug md:col-span-1">
        <h3 className="font-serif text-lg font-semibold">{a.title}</h3>
        <p className="text-sm text-soft">
          {a.target}
          {a.when === 'PAST' && !a.finished && '; still taken, and marked late'}
          {a.skills.length > 0 && !a.finished && (
            <>
              {' · '}
              <Link
                to={sheetOf(
                  a.title,
                  a.skills.map((s) => s.id),
                )}
                aria-label={`Print a practice sheet: ${a.title}`}
                className={QUIET_LINK}
              >
                on paper
              </Link>
            </>
          )}
        </p>
      </div>
      <div className="col-span-2 grid gap-0.5 text-[0.95rem] md:col-span-1">
        <Skills assignment={a} />
        <Waiting assignment={a} />
      </div>
      <Link
        to={
          a.check
            ? '/check'
            : a.quiz?.open === true && (a.skills.length === 0 || !a.quiz.finished)
              ? `/quiz/${a.id}`
              : `/practice/${a.id}/${a.resume}`
        }
        aria-label={`${actionOf(a)}: ${a.title}`}
        className={`justify-self-end rounded-slip border px-4 py-1.5 whitespace-nowrap no-underline ${isNext ? 'border-spruce bg-spruce font-semibold text-on-spruce' : 'border-edge bg-leaf text-ink'}`}
      >
        {actionOf(a)}
      </Link>
    </li>
  );
}

function Skills({ assignment: a }: { assignment: Assignment }) {
  return (
    <ul>
      {a.skills.map((s) => (
        <li key={s.id} className="grid min-h-7 items-center gap-x-3 sm:grid-cols-[17rem_7.5rem_1fr]">
          <Link to={`/practice/${a.id}/${s.id}`} className={QUIET_LINK}>
            {s.name}
          </Link>
          {s.started ? (
            <SmallRidge
              name={s.name}
              course={s.course}
              flag={a.flag}
              most={a.byScore ? 100 : a.flag}
              waiting={s.pagesWaiting > 0}
            />
          ) : (
            <span className="hidden sm:inline" />
          )}
          <span className="text-soft">{stateOf(s, a)}</span>
        </li>
      ))}
      {a.check && (
        <li className="min-h-7">
          <Link to="/check" className={QUIET_LINK}>
            What do you know already?
          </Link>
          <span className="ml-3 text-soft">{a.finished ? 'done' : 'not done yet'}</span>
        </li>
      )}
      {a.quiz !== undefined && (
        <li className="grid min-h-7 items-center gap-x-3 sm:grid-cols-[17rem_7.5rem_1fr]">
          <Link to={`/quiz/${a.id}`} className={QUIET_LINK}>
            Quiz in rounds
          </Link>
          <span className="hidden sm:inline" />
          <span className="text-soft">{a.quiz.words}</span>
        </li>
      )}
    </ul>
  );
}

/** Work that waits for the instructor, and work that waits for the student. */
function Waiting({ assignment: a }: { assignment: Assignment }) {
  return (
    <>
      {a.waiting > 0 && (
        <p className="text-sm text-soft">
          {pages(a.waiting)} of work {a.waiting === 1 ? 'waits' : 'wait'} to be read
        </p>
      )}
      {a.pagesBack.map((page) => (
        <p key={page.itemId} className="rounded bg-larch-wash px-2 py-0.5">
          <Link to={`/book/${page.itemId}`}>Sent back for more</Link>: {page.comment}
        </p>
      ))}
    </>
  );
}
