import { Link, useNavigate, useParams } from 'react-router';
import type { Schemas } from '../../api/client';
import { Button } from '../../ui/Button';
import { Notice } from '../../ui/Notice';
import { TopBar } from '../../ui/TopBar';
import { CorrectionDesk } from './CorrectionDesk';
import { Marks, WORDS } from './Marks';
import { PointsTable } from './PointsTable';
import { type QuizHand, useQuiz, useRound } from './useQuiz';

/** A round that is done, at a glance, and its corrections one below the other. */
export default function ResultScreen() {
  const { assignmentId = '', number = '1' } = useParams();
  const round = useRound(assignmentId, Number(number));
  const quiz = useQuiz(assignmentId);
  return (
    <div className="min-h-screen">
      <TopBar />
      {round.result.isPending && <Notice title="Opening the round." />}
      {round.result.isError && (
        <Notice title="This round cannot be shown.">
          {round.result.error.message} <Link to={`/quiz/${assignmentId}`}>To the quiz</Link>
        </Notice>
      )}
      {round.result.isSuccess && (
        <main className="page gap-6">
          <Glance result={round.result.data} points={quiz.view.data?.points} assignmentId={assignmentId} />
          <WithoutWork result={round.result.data} wanted={quiz.view.data?.workRequired === true} />
          {round.result.data.items
            .filter((i) => i.wantsNote)
            .map((item) => (
              <CorrectionDesk key={item.item.id} item={item} round={round} />
            ))}
          <Onward result={round.result.data} assignmentId={assignmentId} quiz={quiz} />
        </main>
      )}
    </div>
  );
}

function Glance({
  result,
  points,
  assignmentId,
}: {
  result: Schemas['RoundResult'];
  points: Schemas['PointsView'] | undefined;
  assignmentId: string;
}) {
  const of = (mark: keyof typeof WORDS) => result.items.filter((i) => i.mark === mark).length;
  const left = result.items.filter((i) => i.wantsNote && i.note === undefined).length;
  return (
    <section aria-label="At a glance" className="grid gap-6 md:grid-cols-[1fr_22rem]">
      <div className="grid content-start gap-3">
        <p className="text-soft">
          <Link to={`/quiz/${assignmentId}`}>The quiz</Link> · round {result.number} of {result.rounds}
        </p>
        <h1 className="font-serif text-4xl font-bold" data-round-percent={result.percent}>
          {result.percent}%
        </h1>
        <Marks marks={result.items.map((i) => i.mark)} />
        <p>
          {(['RIGHT', 'FORM', 'WRONG', 'EMPTY'] satisfies (keyof typeof WORDS)[])
            .filter((m) => of(m) > 0)
            .map((m) => `${of(m)} ${WORDS[m]}`)
            .join(', ')}
          .
        </p>
        <p className="font-semibold">
          {left > 0
            ? `What to do now: ${left === 1 ? 'correct one item' : `correct ${left} items`} below.`
            : result.items.some((i) => i.wantsNote)
              ? 'Everything is corrected.'
              : 'Nothing to correct.'}
        </p>
      </div>
      {points !== undefined && <PointsTable points={points} />}
    </section>
  );
}

/** Work that was wanted and is not there, with the way to each page; it can be added until it is read. */
function WithoutWork({ result, wanted }: { result: Schemas['RoundResult']; wanted: boolean }) {
  const empty = result.items.filter((i) => !i.worked);
  return !wanted || empty.length === 0 ? null : (
    <p className="flex flex-wrap items-center gap-3 rounded-slip border-l-4 border-larch-mark bg-larch-wash p-4">
      Work is asked for with every item, and can be added until your instructor has read it. It is missing for
      {empty.map((i) => (
        <Link key={i.item.id} to={`/book/${i.item.id}`}>
          item {i.slot + 1}
        </Link>
      ))}
    </p>
  );
}

/** From the last correction straight into the next round. */
function Onward({
  result,
  assignmentId,
  quiz,
}: {
  result: Schemas['RoundResult'];
  assignmentId: string;
  quiz: QuizHand;
}) {
  const navigate = useNavigate();
  if (result.phase === 'CORRECTING') {
    return null;
  }
  const begin = () => quiz.start.mutate(quiz.newKey(), { onSuccess: () => void navigate(`/quiz/${assignmentId}`) });
  return (
    <p className="flex flex-wrap items-center gap-3">
      {result.phase === 'READY' && (
        <Button look="main" disabled={quiz.start.isPending} onClick={begin}>
          Begin the next round
        </Button>
      )}
      <Link
        to={`/quiz/${assignmentId}`}
        className="inline-block rounded-slip border border-edge bg-leaf px-4 py-2 text-ink no-underline"
      >
        To the quiz
      </Link>
      {result.phase === 'READY' && <span className="text-soft">The time starts at once.</span>}
    </p>
  );
}
