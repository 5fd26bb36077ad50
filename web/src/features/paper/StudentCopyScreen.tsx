import { Link, useParams } from 'react-router';
import { useJotting } from '../../outbox/useJotting';
import { Button } from '../../ui/Button';
import { INPUT, Labelled } from '../../ui/Labelled';
import { Notice } from '../../ui/Notice';
import { Refused } from '../../ui/Refused';
import { TopBar } from '../../ui/TopBar';
import { Frame, Shown } from './CopyItem';
import { MarkLines } from './MarkLines';
import { marksOf, stageOf } from './stages';
import { type Copy, useStudentCopy } from './useCopy';

/** For the instructor: what a student has done with a sheet, and whether the marks stand. */
export default function StudentCopyScreen() {
  const { code = '', studentId = '' } = useParams();
  const { view, judge } = useStudentCopy(code, studentId);
  return (
    <div className="min-h-screen">
      <TopBar />
      {view.isPending && <Notice title="Opening the sheet." />}
      {view.isError && <Notice title="This cannot be opened.">{view.error.message}</Notice>}
      {view.isSuccess && (
        <main className="page max-w-4xl gap-5">
          <header>
            <p className="text-soft">
              <Link to="/paper">Practice on paper</Link> · {view.data.title},{' '}
              <span className="tracking-wider uppercase">{view.data.code}</span>
            </p>
            <h1 className="font-serif text-3xl font-bold">{view.data.done.student}</h1>
            <p>
              {stageOf(view.data.done, view.data.places.length)}
              {view.data.done.have !== undefined && `: ${marksOf(view.data.done)}`}
            </p>
          </header>
          {view.data.done.have !== undefined && <Judge copy={view.data} judge={judge} />}
          {view.data.places.map((place, i) => (
            <Frame key={place.item.id} place={place} at={i}>
              <Shown place={place} />
              {place.lines.length > 0 && (
                <MarkLines lines={place.lines} at={i} marking={view.data.bySum ? 'sum' : 'shown'} />
              )}
              <p className="text-sm">
                <Link to={`/book/${place.item.id}`}>The student&rsquo;s page for this item</Link>
              </p>
            </Frame>
          ))}
        </main>
      )}
    </div>
  );
}

function Judge({ copy, judge }: { copy: Copy; judge: ReturnType<typeof useStudentCopy>['judge'] }) {
  const [comment, setComment] = useJotting(`judged/${copy.code}/${copy.done.studentId}`);
  const accepted = copy.done.stage === 'ACCEPTED';
  return (
    <section aria-label="Do the marks stand?" className="grid gap-3 rounded-slip bg-glacier-wash p-4">
      <h2 className="font-semibold">Do the marks stand?</h2>
      {accepted ? (
        <span className="flex flex-wrap items-center gap-3">
          They are accepted, and the student can no longer change them.
          <Button disabled={judge.isPending} onClick={() => judge.mutate({ word: 'OPEN', comment: '' })}>
            Take that back
          </Button>
        </span>
      ) : (
        <span className="flex flex-wrap items-end gap-3">
          <Button
            look="main"
            disabled={judge.isPending}
            onClick={() => judge.mutate({ word: 'ACCEPTED', comment: '' })}
          >
            Accept them
          </Button>
          <Labelled name="Or say what to look at again">
            <input
              className={`${INPUT} w-80 max-w-full`}
              maxLength={500}
              value={comment}
              onChange={(e) => setComment(e.target.value)}
            />
          </Labelled>
          <Button
            disabled={judge.isPending || comment.trim() === ''}
            onClick={() => judge.mutate({ word: 'RETURNED', comment }, { onSuccess: () => setComment('') })}
          >
            Return it
          </Button>
        </span>
      )}
      {copy.done.stage === 'RETURNED' && (
        <p className="text-soft">
          Returned with: <q>{copy.done.comment}</q>
        </p>
      )}
      <Refused by={[judge]} />
    </section>
  );
}
