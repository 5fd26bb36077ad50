import { Link, useParams } from 'react-router';
import { Notice } from '../../ui/Notice';
import { TopBar } from '../../ui/TopBar';
import { OutsideHistory } from '../exchange/OutsideHistory';
import { ProgressBody } from '../progress/ProgressBody';
import { useProgress } from '../progress/useProgress';
import { Allowances } from './Allowances';
import { OwnDates } from './OwnDates';

/** One student, as the student sees it, with what the instructor can change. */
export default function StudentScreen() {
  const { studentId = '' } = useParams();
  const hand = useProgress(studentId);
  const progress = hand.first;
  return (
    <div className="min-h-screen">
      <TopBar />
      <main className="page gap-6">
        {progress.isPending && <Notice title="Opening the page of this student." />}
        {progress.isError && (
          <Notice title="This could not be loaded.">
            {progress.error.message} <Link to="/class">Back to the class</Link>
          </Notice>
        )}
        {progress.isSuccess && (
          <>
            <header>
              <p>
                <Link to="/class">The class</Link>
              </p>
              <span className="flex flex-wrap items-baseline justify-between gap-4">
                <h1 className="font-serif text-3xl font-bold">{progress.data.student}</h1>
                <span className="flex flex-wrap gap-4">
                  <a href="#account">Account and dates</a>
                  <Link to={`/class/students/${studentId}/map`}>This student’s map</Link>
                  <a href={`/api/exchange/students/${studentId}/archive.zip`} download>
                    Everything as one zip
                  </a>
                </span>
              </span>
            </header>
            <ProgressBody progress={hand.data ?? progress.data} hand={hand} />
            <OutsideHistory studentId={studentId} />
            <section id="account" aria-labelledby="account-name" className="grid gap-3">
              <h2 id="account-name" className="font-serif text-xl font-semibold">
                Account and dates
              </h2>
              <Allowances key={progress.data.student} studentId={studentId} name={progress.data.student} />
              <OwnDates studentId={studentId} />
            </section>
          </>
        )}
      </main>
    </div>
  );
}
