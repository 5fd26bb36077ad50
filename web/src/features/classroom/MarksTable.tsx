import { Link } from 'react-router';
import { type Schemas } from '../../api/client';
import { day } from '../../ui/dates';

type Marks = Schemas['MarksTable'];

/** @param props.means percent by student, as soon as they are there; whoever has none is not in it */
export function MarksTable({
  rows,
  columns,
  means,
}: {
  rows: Marks['rows'];
  columns: Marks['assignments'];
  means: Record<string, number> | undefined;
}) {
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
            {columns.map((a) => (
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
                {means === undefined ? '' : means[row.studentId] === undefined ? '–' : `${means[row.studentId]}%`}
              </td>
              {columns.map((a, i) => (
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
