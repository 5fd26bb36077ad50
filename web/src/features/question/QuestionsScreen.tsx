import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { api, type Schemas, taken } from '../../api/client';
import { Blocks } from '../../ui/Blocks';
import { landed } from '../../ui/Landing';
import { Notice } from '../../ui/Notice';
import { RichText } from '../../ui/RichText';
import { TopBar } from '../../ui/TopBar';
import { Tries } from '../book/Tries';
import { keepSeen } from '../session/useCounts';
import { useMe } from '../session/useSession';
import { Reply } from './Reply';

type Question = Schemas['Question'];

/** What was asked: the student's own, or all of the instructor's class. */
export default function QuestionsScreen() {
  const me = useMe();
  const questions = useQuery({ queryKey: ['questions'], queryFn: () => taken(api.GET('/api/questions')) });
  const teaches = me.data?.role === 'INSTRUCTOR';
  const answered = questions.data?.filter((q) => q.answer !== undefined).map((q) => q.id);
  useEffect(() => {
    if (!teaches && answered !== undefined) {
      keepSeen(answered);
    }
  });
  return (
    <div className="min-h-screen">
      <TopBar />
      <main className="page gap-4">
        <h1 className="font-serif text-3xl font-bold">{teaches ? 'Questions of the class' : 'Your questions'}</h1>
        {questions.isPending && <Notice title="Looking up the questions." />}
        {questions.isError && <Notice title="This could not be loaded.">{questions.error.message}</Notice>}
        {questions.data?.length === 0 && (
          <Notice title="No question yet.">
            {teaches
              ? 'Questions from students appear here.'
              : 'While you work on an item, Ask puts your question on this list, with your tries and lines.'}
          </Notice>
        )}
        {questions.data?.map((q) => (
          <Asked key={q.id} question={q} teaches={teaches} />
        ))}
      </main>
    </div>
  );
}

function Asked({ question: q, teaches }: { question: Question; teaches: boolean }) {
  const [sent, setSent] = useState(false);
  return (
    <article className="grid gap-3 rounded-slip border border-rule bg-leaf p-5" aria-label={`Question: ${q.question}`}>
      <p className="flex flex-wrap justify-between gap-3 text-sm text-soft">
        <span>
          {teaches && <strong className="text-ink">{q.student}</strong>} {q.skill}
        </span>
        <span>
          {new Date(q.askedAt).toLocaleDateString('en', { weekday: 'short', day: 'numeric', month: 'short' })}
        </span>
      </p>
      <p className="font-serif text-xl">{q.question}</p>
      <details>
        <summary className="cursor-pointer text-glacier">
          The item, {q.tries.length === 1 ? 'one try' : `${q.tries.length} tries`},{' '}
          {q.lines.length === 1 ? 'one line' : `${q.lines.length} lines`} of work
        </summary>
        <div className="mt-2 grid gap-3 border-l-2 border-rule pl-4">
          <Blocks blocks={q.stem} className="font-serif text-lg" />
          {q.prompts.map((p) => (
            <p key={p}>
              <RichText text={p} />
            </p>
          ))}
          <Tries tries={q.tries} />
          {q.lines.length > 0 && (
            <ol className="squared list-decimal bg-leaf p-3 pl-8 font-serif">
              {q.lines.map((line, i) => (
                // oxlint-disable-next-line react/no-array-index-key -- lines stand in their order
                <li key={i}>{line}</li>
              ))}
            </ol>
          )}
          {!teaches && <Link to={`/practice/${q.assignmentId}/${q.skillId}`}>Go on practising this</Link>}
        </div>
      </details>
      {q.answer === undefined ? (
        teaches ? (
          <Reply id={q.id} onSent={() => setSent(true)} />
        ) : (
          <p className="text-soft">Not answered yet.</p>
        )
      ) : (
        <Answered question={q} own={sent} />
      )}
    </article>
  );
}

/** @param props.own whether it was just written here: the focus, which was in the form, comes along */
function Answered({ question: q, own }: { question: Question; own: boolean }) {
  return (
    <div ref={own ? landed : undefined} className="rounded-slip border-l-4 border-spruce bg-spruce-wash p-4">
      <p className="text-sm text-soft">{q.answeredBy} answers:</p>
      <p className="whitespace-pre-wrap">
        <RichText text={q.answer ?? ''} />
      </p>
    </div>
  );
}
