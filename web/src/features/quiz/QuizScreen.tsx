import { lazy, Suspense } from 'react';
import { Link, useParams } from 'react-router';
import { NoticePage } from '../../ui/Notice';
import { TopBar } from '../../ui/TopBar';
import { StartPage } from './StartPage';
import { useQuiz } from './useQuiz';

const RoundDesk = lazy(() => import('./RoundDesk'));

/** The quiz of an assignment: its start page, or the round that is running. */
export default function QuizScreen() {
  const { assignmentId = '' } = useParams();
  const quiz = useQuiz(assignmentId);
  const view = quiz.view.shown;
  if (view === undefined) {
    return !quiz.view.isError ? (
      <NoticePage title="Opening the quiz." />
    ) : (
      <NoticePage title="This quiz cannot be opened.">
        {quiz.view.error.message} <Link to="/due">Back to what is due</Link>
      </NoticePage>
    );
  }
  if (view.running !== undefined) {
    return (
      <Suspense fallback={<NoticePage title="Opening the round." />}>
        <RoundDesk key={view.running.number} view={view} running={view.running} quiz={quiz} />
      </Suspense>
    );
  }
  return (
    <div className="min-h-screen">
      <TopBar />
      <StartPage view={view} quiz={quiz} />
    </div>
  );
}
