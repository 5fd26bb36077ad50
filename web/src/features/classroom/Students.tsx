import { useState } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { weekday } from '../../ui/dates';
import { type Column, sorted } from './sorting';

type Row = Schemas['StudentRow'];

const COLUMNS: { column: Column; name: string; right?: boolean }[] = [
  { column: 'name', name: 'Student' },
  { column: 'known', name: 'Skills known' },
  { column: 'open', name: 'Open', right: true },
  { column: 'late', name: 'Late', right: true },
  { column: 'minutes', name: 'Minutes this week', right: true },
  { column: 'last', name: 'Last active' },
];

/** Where everybody is; sorted by any column. @param props.skills on the whole map */
export function Students({ rows, skills }: { rows: Row[]; skills: number }) {
  const [by, setBy] = useState<{ column: Column; down: boolean }>({ column: 'name', down: false });
  const turn = (column: Column) => setBy({ column, down: by.column === column ? !by.down : column !== 'name' });
  return (
    <section aria-label="Students" className="overflow-x-auto">
      <table className="w-full border-collapse">
        <caption className="pb-1 text-left font-serif text-xl font-semibold">Where everybody is</caption>
        <thead>
          <tr className="text-left text-sm">
            {COLUMNS.map(({ column, name, right }) => (
              <th key={column} scope="col" className={`pr-4 align-bottom font-normal ${right === true ? 'text-right' : ''}`} aria-sort={by.column === column ? (by.down ? 'descending' : 'ascending') : 'none'}>
                <button type="button" className="cursor-pointer rounded py-1 text-soft hover:text-ink" onClick={() => turn(column)}>
                  {name}
                  <span aria-hidden="true" className="inline-block w-4">
                    {by.column === column && (by.down ? '↓' : '↑')}
                  </span>
                </button>
              </th>
            ))}
            <th scope="col" className="align-bottom font-normal text-soft">Working on, and stuck on</th>
          </tr>
        </thead>
        <tbody>
          {sorted(rows, by.column, by.down).map((s) => (
            <Student key={s.student.id} row={s} skills={skills} />
          ))}
        </tbody>
      </table>
    </section>
  );
}

function Student({ row: s, skills }: { row: Row; skills: number }) {
  return (
    <tr className="border-t border-rule align-top">
      <th scope="row" className="py-1.5 pr-4 text-left font-semibold whitespace-nowrap">
        <Link to={`/class/students/${s.student.id}`}>{s.student.name}</Link>
        {s.student.waiting && <span className="block text-sm font-normal text-soft">not signed in yet</span>}
        {s.student.extraTime > 0 && <span className="block text-sm font-normal text-soft">{s.student.extraTime}% more time</span>}
      </th>
      <td className="py-1.5 pr-4 whitespace-nowrap">
        <Climb known={s.known} of={skills} />
      </td>
      <td className="py-1.5 pr-8 text-right">{s.open}</td>
      <td className={`py-1.5 pr-8 text-right ${s.late > 0 ? 'font-semibold text-larch' : ''}`}>{s.late}</td>
      <td className="py-1.5 pr-8 text-right">{s.minutesThisWeek}</td>
      <td className="py-1.5 pr-4 whitespace-nowrap">{s.lastAt === undefined ? 'not yet' : weekday(s.lastAt)}</td>
      <td className="py-1.5">
        {s.where !== undefined && (
          <>
            {s.where.skill}, {s.where.reached ? 'reached' : `${s.where.stands} of ${s.where.flag}`}
            <span className="text-soft"> in {s.where.assignment}</span>
          </>
        )}
        {s.stuckOn.length > 0 && <span className="block text-larch">stuck: {s.stuckOn.join(', ')}</span>}
      </td>
    </tr>
  );
}

/** How many skills are known, as a slope that is climbed. */
function Climb({ known, of }: { known: number; of: number }) {
  const x = 2 + (96 * known) / of;
  const y = 22 - (20 * known) / of;
  return (
    <span className="inline-flex items-center gap-2">
      <svg viewBox="0 0 100 24" className="h-5 w-22" aria-hidden="true">
        <path d="M2 22 98 2" stroke="var(--color-rule)" strokeWidth="1.5" fill="none" />
        <path d={`M2 22 ${x} ${y}V22Z`} fill="var(--color-spruce)" opacity="0.45" />
        <path d={`M${x - 4} ${y + 4}l4-7 4 7Z`} fill="var(--color-spruce)" />
      </svg>
      {known}
    </span>
  );
}
