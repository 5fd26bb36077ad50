import { Link } from 'react-router';
import { landed } from '../../ui/Landing';
import { Button } from '../../ui/Button';
import { Marks } from './Marks';
import { PointsTable } from './PointsTable';
import type { Quiz, QuizHand } from './useQuiz';

function itemsOf(n: number): string {
  return n === 1 ? '1 item' : `${n} items`;
}

/** Everything there is to know before a round, what is done so far, and the one thing to do now. */
export function StartPage({ view, quiz }: { view: Quiz; quiz: QuizHand }) {
  return (
    <main className="page gap-8 md:grid-cols-[1fr_22rem]">
      <section className="grid content-start gap-5">
        <div>
          <p className="text-soft">
            Quiz in rounds
            {view.due !== undefined &&
              `, due ${new Date(view.due).toLocaleDateString('en', { weekday: 'long', day: 'numeric', month: 'short' })}`}
          </p>
          <h1 ref={landed} className="font-serif text-3xl font-bold">
            {view.assignment}
          </h1>
        </div>
        <dl className="grid grid-cols-2 gap-x-6 gap-y-2 sm:grid-cols-4">
          <Fact name="in a round" value={itemsOf(view.items)} />
          <Fact
            name={view.extraPercent > 0 ? `for a round, ${view.extraPercent}% extra in it` : 'for a round'}
            value={`${view.minutes} minutes`}
          />
          <Fact
            name={`of ${view.rounds} left`}
            value={view.rounds - view.done.length === 1 ? '1 round' : `${view.rounds - view.done.length} rounds`}
          />
          <Fact name="ends the quiz" value={`${view.target}%`} />
        </dl>
        <ToDo view={view} quiz={quiz} />
        {view.done.length > 0 && <Done view={view} />}
        <section aria-label="What it is about">
          <h2 className="font-serif text-xl font-semibold">What it is about</h2>
          <ul className="mt-1">
            {view.skills.map((s) => (
              <li key={s.id}>
                {s.name} <span className="text-soft">{itemsOf(s.items)}</span>
              </li>
            ))}
          </ul>
        </section>
        <section aria-label="How it goes">
          <h2 className="font-serif text-xl font-semibold">How it goes</h2>
          <ul className="mt-1 grid list-disc gap-1 pl-5">
            {view.rules.map((rule) => (
              <li key={rule}>{rule}</li>
            ))}
            <li>
              After a round you correct what was missed. Then the next one opens, with new numbers. The best round
              counts.
            </li>
          </ul>
        </section>
      </section>
      <aside className="grid content-start gap-4">
        <div className="rounded-slip border border-rule bg-leaf p-4">
          <PointsTable points={view.points} />
        </div>
        <p className="text-sm text-soft">
          Prefer paper? <a href={`/api/quiz/${view.assignmentId}/paper.pdf`}>Print a practice round</a> with room for
          work.
        </p>
      </aside>
    </main>
  );
}

function Fact({ name, value }: { name: string; value: string }) {
  return (
    <div className="border-l-2 border-larch-mark pl-3">
      <dd className="font-serif text-xl font-semibold">{value}</dd>
      <dt className="text-sm text-soft">{name}</dt>
    </div>
  );
}

/** The one thing to do now. */
function ToDo({ view, quiz }: { view: Quiz; quiz: QuizHand }) {
  const last = view.done.at(-1);
  if (view.opensAfter.length > 0) {
    return (
      <p className="rounded-slip bg-glacier-wash p-4">
        This quiz opens when the skills of its assignment are reached. Still to reach: {view.opensAfter.join(', ')}.
      </p>
    );
  }
  if (view.phase === 'CORRECTING' && last !== undefined) {
    return (
      <div className="grid justify-items-start gap-3 rounded-slip border-l-4 border-larch-mark bg-larch-wash p-4">
        <p>
          Round {last.number} is done with {last.percent}%.{' '}
          {last.toCorrect === 1 ? 'One item is' : `${last.toCorrect} items are`} still to be corrected
          {view.done.length < view.rounds && ', then the next round opens'}.
        </p>
        <Link
          to={`/quiz/${view.assignmentId}/round/${last.number}`}
          className="rounded-slip border border-spruce bg-spruce px-4 py-2 font-semibold text-on-spruce no-underline"
        >
          Correct round {last.number}
        </Link>
      </div>
    );
  }
  if (view.phase === 'FINISHED') {
    return (
      <div className="grid gap-2 rounded-slip border-l-4 border-spruce bg-spruce-wash p-4" data-quiz-finished>
        <p className="font-serif text-xl font-semibold">
          {view.reached ? `Reached: ${view.best}% in a round.` : `All rounds are done. Your best was ${view.best}%.`}
        </p>
        <p>
          {view.points.have} of {view.points.most} points. <Link to="/due">Back to what is due</Link>
        </p>
      </div>
    );
  }
  return (
    <div className="flex flex-wrap items-center gap-4">
      <Button look="main" disabled={quiz.start.isPending} onClick={() => quiz.start.mutate(quiz.newKey())}>
        Begin round {view.done.length + 1}
      </Button>
      <span className="text-soft">The time starts with it: {view.minutes} minutes.</span>
      {quiz.start.isError && (
        <p role="alert" className="text-rust">
          {quiz.start.error.message}
        </p>
      )}
    </div>
  );
}

function Done({ view }: { view: Quiz }) {
  return (
    <section aria-label="Rounds so far">
      <h2 className="font-serif text-xl font-semibold">Rounds so far</h2>
      <ul className="mt-1 grid gap-2">
        {view.done.map((round) => (
          <li key={round.number} className="flex flex-wrap items-center gap-x-4 gap-y-1">
            <Link to={`/quiz/${view.assignmentId}/round/${round.number}`}>Round {round.number}</Link>
            <strong className="w-14">{round.percent}%</strong>
            <Marks marks={round.marks} />
            <span className="text-sm text-soft">
              {round.toCorrect === 0 ? 'corrected' : `${round.toCorrect} to correct`}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
