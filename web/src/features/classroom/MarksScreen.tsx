import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, type Schemas, taken } from '../../api/client';
import { day } from '../../ui/dates';
import { INPUT, Labelled } from '../../ui/Labelled';
import { Notice } from '../../ui/Notice';
import { TopBar } from '../../ui/TopBar';

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
          <a href="/api/class/marks.csv" download>
            Marks as CSV
          </a>
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
      <Table rows={marks.rows} columns={columns} />
    </>
  );
}

/** So that most of the window is what was due already. */
function firstShown({ assignments, now }: Marks): number {
  const past = assignments.filter((a) => a.due < now).length;
  return Math.max(0, Math.min(past - FEW + 4, assignments.length - FEW));
}

function Table({ rows, columns }: { rows: Marks['rows']; columns: { a: Marks['assignments'][number]; i: number }[] }) {
  return (
    // oxlint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- scrolled by keyboard
    <div className="prints-wide max-h-[75vh] overflow-auto" tabIndex={0} role="region" aria-label="Marks">
      <table className="border-collapse text-sm">
        <thead className="sticky top-0 z-10 bg-paper">
          <tr>
            <th scope="col" className="sticky left-0 bg-paper py-1 pr-4 text-left align-bottom font-semibold">
              Student
            </th>
            <th scope="col" className="px-2 py-1 text-right align-bottom font-semibold">
              Mean
              <span className="block font-normal text-soft">due so far</span>
            </th>
            {columns.map(({ a }) => (
              <th key={a.id} scope="col" className="min-w-22 px-2 py-1 text-left align-bottom font-semibold">
                {a.title}
                <span className="block font-normal text-soft">{day(a.due)}</span>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <tr key={row.studentId} className="border-t border-rule">
              <th
                scope="row"
                className="sticky left-0 bg-paper py-1.5 pr-4 text-left align-top font-normal whitespace-nowrap"
              >
                <Link to={`/class/students/${row.studentId}`}>{row.student}</Link>
              </th>
              <td className="px-2 py-1.5 text-right align-top font-semibold">
                {row.mean === undefined ? '–' : `${row.mean}%`}
              </td>
              {columns.map(({ a, i }) => (
                <td key={a.id} className="px-2 py-1.5 align-top whitespace-nowrap">
                  {row.cells[i] !== undefined && <Cell cell={row.cells[i]} />}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

function Cell({ cell }: { cell: Schemas['MarkCell'] }) {
  if (cell.status === 'OPENS_LATER') {
    return <span className="text-soft">opens later</span>;
  }
  if (cell.status === 'LEFT_OUT' && !cell.begun) {
    return <span className="text-soft">left out</span>;
  }
  const parts = [
    cell.percent !== undefined &&
      cell.begun &&
      `${cell.reached} of ${cell.skills} ${cell.skills === 1 ? 'skill' : 'skills'}`,
    cell.reachedWaiting > 0 && `${cell.reachedWaiting} more once read`,
    cell.points !== '' && `${cell.points} points`,
    cell.credit !== '' && `work ${cell.credit}%`,
    cell.waiting > 0 && `${cell.waiting} to read`,
  ].filter((p) => p !== false);
  return (
    <>
      {parts.length === 0 ? (
        <span className="text-soft">not begun</span>
      ) : (
        <span className="font-semibold">{cell.mark === undefined ? '–' : `${cell.mark}%`}</span>
      )}
      {cell.late && <Late />}
      {parts.map((p) => (
        <span key={p} className="block text-soft">
          {p}
        </span>
      ))}
      {cell.status === 'LEFT_OUT' && <span className="block text-soft">left out since, not in the mean</span>}
    </>
  );
}

/** A mark for what came late or is late: the hand of a clock past the hour, and the word. */
function Late() {
  return (
    <span className="ml-2 inline-flex items-center gap-1 font-semibold text-larch">
      <svg viewBox="0 0 12 12" className="size-3" aria-hidden="true">
        <circle cx="6" cy="6" r="5" fill="none" stroke="currentColor" strokeWidth="1.5" />
        <path d="M6 3v3l2.5 1.5" fill="none" stroke="currentColor" strokeWidth="1.5" />
      </svg>
      late
    </span>
  );
}
