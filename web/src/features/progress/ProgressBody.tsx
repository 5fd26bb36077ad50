import { lazy, Suspense } from 'react';
import type { Schemas } from '../../api/client';
import { Button } from '../../ui/Button';
import { Notice } from '../../ui/Notice';
import { day } from '../../ui/dates';
import { SmallRidge } from '../due/SmallRidge';
import { ItemMarks } from './ItemMarks';
import type { ProgressHand } from './useProgress';

const KnownChart = lazy(() => import('./KnownChart'));
const TimeChart = lazy(() => import('./TimeChart'));

type Progress = Schemas['ProgressView'];

/**
 * Skills over time, time on task, checks, and assignments, the latest first, down to the single item.
 *
 * @param props.hand asks for earlier assignments
 */
export function ProgressBody({ progress, hand }: { progress: Progress; hand: ProgressHand }) {
  const worked = progress.assignments.some((a) => a.skills.length + a.rounds.length > 0);
  return (
    <>
      <div className="grid gap-x-10 gap-y-6 lg:grid-cols-[3fr_2fr]">
        <section aria-label="Skills known over time" className="grid content-start gap-2">
          <h2 className="font-serif text-xl font-semibold">Skills known over time</h2>
          <Suspense fallback={<p className="text-soft">Drawing.</p>}>
            <KnownChart points={progress.known} today={progress.today} />
          </Suspense>
          {progress.goal !== undefined && <p>{progress.goal}</p>}
        </section>
        <section aria-label="Time" className="grid content-start gap-2">
          <h2 className="font-serif text-xl font-semibold">Active minutes a day</h2>
          <Suspense fallback={<p className="text-soft">Drawing.</p>}>
            <TimeChart days={progress.time} />
          </Suspense>
        </section>
      </div>
      <section aria-label="Assignments" className="grid gap-3">
        <h2 className="font-serif text-xl font-semibold">Assignments</h2>
        {!worked && (
          <Notice title="No items answered yet.">Every item you finish is listed here, with your work.</Notice>
        )}
        <Courses all={progress.assignments.toReversed()} />
        {progress.earlier > 0 && (
          <p className="print:hidden">
            <Button look="quiet" disabled={hand.all.isFetching} onClick={hand.askForWhole}>
              {progress.earlier === 1 ? 'Show one earlier assignment' : `Show ${progress.earlier} earlier assignments`}
            </Button>
          </p>
        )}
        {hand.all.isError && <Notice title="Earlier assignments could not be loaded.">{hand.all.error.message}</Notice>}
      </section>
      <Checks progress={progress} />
    </>
  );
}

function Checks({ progress }: { progress: Progress }) {
  return progress.checks.length === 0 ? null : (
    <section aria-label="Checks">
      <h2 className="font-serif text-xl font-semibold">Checks</h2>
      <ul className="mt-1 grid gap-1">
        {progress.checks.map((c) => (
          <li key={c.at}>
            {day(c.at)}, {c.wholeCourse ? 'over the course' : 'short check'}:{' '}
            {c.known.length === 0 ? 'no skill' : c.known.join(', ')} shown
            {c.fell.length > 0 && `; back into practice: ${c.fell.join(', ')}`}.
            <ItemMarks
              items={c.asked.map(({ itemId, at, kind }) => ({ itemId, at, outcome: kind }))}
              name={`the check of ${day(c.at)}`}
            />
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Those that are done lie folded below those that are not. */
function Courses({ all }: { all: Schemas['AssignmentCourse'][] }) {
  const done = all.filter((a) => a.finished);
  return (
    <>
      {all
        .filter((a) => !a.finished)
        .map((a) => (
          <Course key={a.id} course={a} />
        ))}
      {done.length > 0 && (
        <details className="prints-open">
          <summary className="cursor-pointer font-serif text-lg font-semibold">Finished ({done.length})</summary>
          <div className="mt-3 grid gap-3">
            {done.map((a) => (
              <Course key={a.id} course={a} />
            ))}
          </div>
        </details>
      )}
    </>
  );
}

function Course({ course }: { course: Schemas['AssignmentCourse'] }) {
  return (
    <article className="rounded-slip border border-rule bg-leaf p-4">
      <h3 className="font-serif text-lg font-semibold">{course.title}</h3>
      <p className="text-sm text-soft">
        {course.due !== undefined && `due ${day(course.due)}. `}Target: {course.target}
        {course.quiz !== '' && `. Quiz: ${course.quiz}`}
      </p>
      {course.skills.map((s) => (
        <div key={s.id} className="mt-2 grid items-center gap-x-4 border-t border-rule pt-2 sm:grid-cols-[1fr_12rem]">
          <div>
            <p>
              {s.name}: {s.reached ? 'reached' : `${s.stands} of ${course.flag}`}
            </p>
            <ItemMarks items={s.items} name={s.name} />
          </div>
          {s.course.length > 0 && (
            <SmallRidge
              waiting={false}
              name={s.name}
              course={s.course}
              flag={course.flag}
              most={Math.max(course.most, ...s.course)}
            />
          )}
        </div>
      ))}
      {course.rounds.map((r) => (
        <div key={r.number} className="mt-2 border-t border-rule pt-2">
          <p>
            Round {r.number}: {r.percent}%
          </p>
          <ItemMarks items={r.items} name={`round ${r.number} of ${course.title}`} />
        </div>
      ))}
    </article>
  );
}
