import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, type Schemas, taken } from '../../api/client';
import { day } from '../../ui/dates';
import { INPUT, Labelled } from '../../ui/Labelled';
import { Notice } from '../../ui/Notice';
import { TopBar } from '../../ui/TopBar';
import { PaperMarks } from '../paper/PaperMarks';
import { MarksTable } from './MarksTable';

type Marks = Schemas['MarksTable'];

/** So many stand beside each other in a window of 1280 pixels. */
const FEW = 9;

/** Marks of the class, student by assignment, and as a table to take away. */
export default function MarksScreen() {
  const marks = useQuery({ queryKey: ['marks'], queryFn: () => taken(api.GET('/api/class/marks')) });
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
        {marks.isError && <Notice title="This could not be loaded.">{marks.error.message}</Notice>}
        {marks.isSuccess &&
          (marks.data.rows.length === 0 || marks.data.assignments.length === 0 ? (
            <Notice title="No marks yet.">Marks appear here once work is set and students have begun.</Notice>
          ) : (
            <Shown marks={marks.data} />
          ))}
        <PaperMarks />
      </main>
    </div>
  );
}

/** Of many assignments only some at a time, the latest first to be seen. */
function Shown({ marks }: { marks: Marks }) {
  const [words, setWords] = useState('');
  const [from, setFrom] = useState(firstShown(marks));
  const many = marks.assignments.length > FEW;
  const found = marks.assignments
    .map((a, i) => ({ a, i }))
    .filter(({ a }) => a.title.toLowerCase().includes(words.toLowerCase()));
  const columns = words === '' ? found.slice(from, from + FEW) : found.slice(0, FEW);
  return (
    <>
      {many && (
        <div className="flex flex-wrap items-end gap-6">
          <Labelled name="Find an assignment">
            <input type="search" className={INPUT} value={words} onChange={(e) => setWords(e.target.value)} />
          </Labelled>
          <Labelled
            name={`Shown: ${columns.length} of ${marks.assignments.length}, due from ${columns[0] === undefined ? 'no day' : day(columns[0].a.due)}`}
          >
            <input
              type="range"
              className="w-80 max-w-full accent-spruce"
              min={0}
              max={marks.assignments.length - FEW}
              value={from}
              disabled={words !== ''}
              onChange={(e) => setFrom(e.target.valueAsNumber)}
            />
          </Labelled>
        </div>
      )}
      <MarksTable rows={marks.rows} columns={columns} />
    </>
  );
}

/** So that most of the window is what was due already. */
function firstShown({ assignments, now }: Marks): number {
  const past = assignments.filter((a) => a.due < now).length;
  return Math.max(0, Math.min(past - FEW + 4, assignments.length - FEW));
}
