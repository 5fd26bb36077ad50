import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { api, taken } from '../../api/client';
import { Button } from '../../ui/Button';
import { Notice } from '../../ui/Notice';
import { TopBar } from '../../ui/TopBar';
import { ProgressBody } from '../progress/ProgressBody';
import { useClass } from './useClass';

/** One student, as the student sees it, with what the instructor can change. */
export default function StudentScreen() {
  const { studentId = '' } = useParams();
  const progress = useQuery({ queryKey: ['progress', studentId], queryFn: () => taken(api.GET('/api/progress/{studentId}', { params: { path: { studentId } } })) });
  return (
    <div className="min-h-screen">
      <TopBar />
      <main className="mx-auto grid max-w-5xl gap-6 px-6 py-8">
        {progress.isPending && <Notice title="Opening the page of this student." />}
        {progress.isError && <Notice title="This could not be loaded.">{progress.error.message}</Notice>}
        {progress.isSuccess && (
          <>
            <header>
              <p>
                <Link to="/class">The class</Link>
              </p>
              <h1 className="font-serif text-3xl font-bold">{progress.data.student}</h1>
            </header>
            <Allowances studentId={studentId} />
            <ProgressBody progress={progress.data} />
          </>
        )}
      </main>
    </div>
  );
}

/** Extra time in quizzes, and a new code for one who is locked out. */
function Allowances({ studentId }: { studentId: string }) {
  const hand = useClass();
  const row = hand.glance.data?.students.find((s) => s.student.id === studentId);
  const [percent, setPercent] = useState<number | null>(null);
  const shown = percent ?? row?.student.extraTime ?? 0;
  return (
    <section aria-label="What is different for this student" className="flex flex-wrap items-end gap-6 rounded-slip border border-rule bg-leaf p-4">
      <label className="grid gap-1">
        <span className="text-sm text-soft">Extra time in quizzes</span>
        <span className="flex items-center gap-2">
          <input type="number" min={0} max={200} step={5} className="w-24 rounded-slip border border-edge bg-paper px-3 py-1.5" value={shown} onChange={(e) => setPercent(Number(e.target.value))} />%
          <Button disabled={hand.extra.isPending || row === undefined || shown === row.student.extraTime} onClick={() => hand.extra.mutate({ id: studentId, percent: shown })}>
            Allow
          </Button>
        </span>
      </label>
      <span className="grid gap-1">
        <span className="text-sm text-soft">Password forgotten, or locked out</span>
        <Button disabled={hand.code.isPending} onClick={() => hand.code.mutate(studentId)}>
          Make a new code
        </Button>
      </span>
      {hand.code.isSuccess && (
        <p role="status">
          The code, shown this one time: <strong className="font-mono">{hand.code.data.code}</strong>
        </p>
      )}
      {[hand.extra, hand.code].map((m) => m.isError && <p key={m.error.message} role="alert" className="text-rust">{m.error.message}</p>)}
    </section>
  );
}
