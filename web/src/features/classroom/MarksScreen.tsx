import type { Schemas } from '../../api/client';
import { Button } from '../../ui/Button';
import { day } from '../../ui/dates';
import { INPUT, Labelled } from '../../ui/Labelled';
import { Notice } from '../../ui/Notice';
import { TopBar } from '../../ui/TopBar';
import { PaperMarks } from '../paper/PaperMarks';
import { MarksTable } from './MarksTable';
import { useMarks } from './useMarks';

type Marks = Schemas['MarksTable'];

/** Marks of the class, student by assignment, and as a table to take away. */
export default function MarksScreen() {
  const hand = useMarks();
  const marks = hand.page;
  return (
    <div className="min-h-screen">
      <TopBar />
      <main className="page max-w-none gap-4">
        <header className="flex flex-wrap items-center justify-between gap-4">
          <h1 className="font-serif text-3xl font-bold">Marks</h1>
          <span className="flex flex-wrap gap-4">
            <a href="/api/class/marks.csv" download>
              Marks as CSV
            </a>
            <a href="/api/exchange/statements.jsonl" download>
              What everybody did (xAPI)
            </a>
          </span>
        </header>
        <p className="text-soft">
          Each cell begins with its mark in percent: how far toward the target, on average over its skills and its quiz.
          Below it stands what the mark is made of. The mean is of everything that was due by now for that student,
          quizzes too; what was not begun counts as 0. Work that is not read yet does not count.
        </p>
        {marks.isPending && <Notice title="Adding up the marks." />}
        {marks.isError && (
          <Notice title="This could not be loaded.">
            {marks.error.message} <Button onClick={hand.backToLatest}>Show the latest</Button>
          </Notice>
        )}
        {hand.means.isError && <Notice title="The means could not be loaded.">{hand.means.error.message}</Notice>}
        {marks.isSuccess &&
          (marks.data.rows.length === 0 || (marks.data.of === 0 && hand.words === '') ? (
            <Notice title="No marks yet.">Marks appear here once work is set and students have begun.</Notice>
          ) : (
            <Shown marks={marks.data} hand={hand} />
          ))}
        <PaperMarks />
      </main>
    </div>
  );
}

/** Of many assignments only some at a time, the latest first to be seen. */
function Shown({ marks, hand }: { marks: Marks; hand: ReturnType<typeof useMarks> }) {
  const first = marks.assignments[0];
  return (
    <>
      {(marks.of > marks.most || hand.words !== '') && (
        <div className="flex flex-wrap items-end gap-6">
          <Labelled name="Find an assignment">
            <input type="search" className={INPUT} value={hand.words} onChange={(e) => hand.find(e.target.value)} />
          </Labelled>
          {marks.of > marks.most && (
            <Labelled
              name={`Shown: ${marks.assignments.length} of ${marks.of}, due from ${first === undefined ? 'no day' : day(first.due)}`}
            >
              <input
                type="range"
                className="w-80 max-w-full accent-spruce"
                min={0}
                max={marks.of - marks.most}
                value={hand.from ?? marks.from}
                onChange={(e) => hand.move(e.target.valueAsNumber)}
              />
            </Labelled>
          )}
        </div>
      )}
      {marks.assignments.length === 0 ? (
        <Notice title="No title has these words." />
      ) : (
        <MarksTable rows={marks.rows} columns={marks.assignments} means={hand.means.data?.percent} />
      )}
    </>
  );
}
