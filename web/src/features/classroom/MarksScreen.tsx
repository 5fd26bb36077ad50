import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { api, type Schemas, taken } from '../../api/client';
import { Notice } from '../../ui/Notice';
import { TopBar } from '../../ui/TopBar';

/** Marks of the class, student by assignment, and as a table to take away. */
export default function MarksScreen() {
  const marks = useQuery({ queryKey: ['marks'], queryFn: () => taken(api.GET('/api/class/marks')) });
  return (
    <div className="min-h-screen">
      <TopBar />
      <main className="grid gap-4 px-6 py-8">
        <header className="flex flex-wrap items-center justify-between gap-4">
          <h1 className="font-serif text-3xl font-bold">Marks</h1>
          <a href="/api/class/marks.csv" download>
            Marks as CSV
          </a>
        </header>
        <p className="text-soft">In each field: skills reached of all; points of a quiz; credit of work that was read. Late work carries a mark.</p>
        {marks.isPending && <Notice title="Adding up." />}
        {marks.isError && <Notice title="This could not be loaded.">{marks.error.message}</Notice>}
        {marks.isSuccess && (marks.data.rows.length === 0 || marks.data.assignments.length === 0 ? <Notice title="No marks yet.">They stand here when something is set and students work.</Notice> : <Table marks={marks.data} />)}
      </main>
    </div>
  );
}

function Table({ marks }: { marks: Schemas['MarksTable'] }) {
  return (
    // oxlint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- scrolled by keyboard
    <div className="overflow-x-auto" tabIndex={0} role="region" aria-label="Marks">
      <table className="border-collapse text-sm">
        <thead>
          <tr>
            <th scope="col" className="sticky left-0 bg-paper py-1 pr-4 text-left">Student</th>
            {marks.assignments.map((a) => (
              <th key={a.id} scope="col" className="min-w-24 px-2 py-1 text-left align-bottom font-semibold">
                {a.title}
                <span className="block font-normal text-soft">{new Date(a.due).toLocaleDateString('en', { day: 'numeric', month: 'short' })}</span>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {marks.rows.map((row) => (
            <tr key={row.studentId} className="border-t border-rule">
              <th scope="row" className="sticky left-0 bg-paper py-1.5 pr-4 text-left font-normal whitespace-nowrap">
                <Link to={`/class/students/${row.studentId}`}>{row.student}</Link>
              </th>
              {row.cells.map((cell, i) => (
                <td key={marks.assignments[i]?.id} className="px-2 py-1.5 align-top">
                  <Cell cell={cell} />
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
  if (!cell.set) {
    return <span className="text-soft">not set</span>;
  }
  const parts = [
    cell.skills > 0 && `${cell.reached} of ${cell.skills}`,
    cell.points !== '' && `${cell.points} points`,
    cell.credit !== '' && `work ${cell.credit}%`,
    cell.waiting > 0 && `${cell.waiting} to read`,
  ].filter((p) => p !== false);
  return (
    <>
      {parts.map((p) => (
        <span key={p} className="block">
          {p}
        </span>
      ))}
      {cell.late && <span className="block font-semibold text-larch">late</span>}
    </>
  );
}
