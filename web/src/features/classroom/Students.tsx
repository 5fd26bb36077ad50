import { useState } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { weekday } from '../../ui/dates';
import { type Column, found, sorted } from './sorting';

type Row = Schemas['StudentRow'];

/** From so many on a class is searched rather than read. */
const MANY = 8;

const COLUMNS: { column: Column; name: string; right?: boolean }[] = [
  { column: 'name', name: 'Student' },
  { column: 'known', name: 'Skills known', right: true },
  { column: 'open', name: 'Open', right: true },
  { column: 'late', name: 'Late', right: true },
  { column: 'minutes', name: 'Minutes this week', right: true },
  { column: 'last', name: 'Last active' },
];

/** Where everybody is; sorted by any column. @param props.skills on the whole map */
export function Students({ rows, skills }: { rows: Row[]; skills: number }) {
  const [by, setBy] = useState<{ column: Column; down: boolean }>({ column: 'name', down: false });
  const [text, setText] = useState('');
  const shown = sorted(found(rows, text), by.column, by.down);
  const turn = (column: Column) => setBy({ column, down: by.column === column ? !by.down : column !== 'name' });
  return (
    <section aria-labelledby="everybody" className="overflow-x-auto">
      <span className="flex flex-wrap items-end justify-between gap-4 pb-2">
        <h2 id="everybody" className="font-serif text-xl font-semibold">
          Where everybody is
        </h2>
        {rows.length > MANY && (
          <label className="flex items-center gap-2 text-sm text-soft">
            Find a student
            <input
              type="search"
              value={text}
              onChange={(e) => setText(e.target.value)}
              className="w-56 rounded-slip border border-edge bg-leaf px-3 py-1 text-base text-ink"
            />
          </label>
        )}
      </span>
      <table aria-labelledby="everybody" className="w-full border-collapse print:text-xs">
        <thead>
          <tr className="text-left text-sm print:text-xs">
            {COLUMNS.map(({ column, name, right }) => (
              <th
                key={column}
                scope="col"
                className={`pr-4 align-bottom font-normal ${right === true ? 'text-right' : ''}`}
                aria-sort={by.column === column ? (by.down ? 'descending' : 'ascending') : 'none'}
              >
                <button
                  type="button"
                  className="cursor-pointer rounded py-1 whitespace-nowrap text-soft hover:text-ink print:whitespace-normal"
                  onClick={() => turn(column)}
                >
                  {column === 'known' ? `${name}, of ${skills}` : name}
                  <span aria-hidden="true" className="inline-block w-4">
                    {by.column !== column ? '\u00a0' : by.down ? '↓' : '↑'}
                  </span>
                </button>
              </th>
            ))}
            <th scope="col" className="py-1 align-bottom font-normal text-soft print:min-w-52">
              Working on, and stuck on
            </th>
          </tr>
        </thead>
        <tbody>
          {shown.map((s) => (
            <Student
              key={s.student.id}
              row={s}
              skills={skills}
              twice={rows.some((other) => other !== s && other.student.name === s.student.name)}
            />
          ))}
        </tbody>
      </table>
      {shown.length === 0 && rows.length > 0 && (
        <p className="py-3 text-soft">No student’s name has “{text.trim()}” in it.</p>
      )}
    </section>
  );
}

/** @param props.twice whether somebody else has the same name */
function Student({ row: s, skills, twice }: { row: Row; skills: number; twice: boolean }) {
  return (
    <tr className="border-t border-rule align-top">
      <th scope="row" className="py-1.5 pr-4 text-left font-semibold whitespace-nowrap">
        <Link className="block w-fit max-w-64 truncate" title={s.student.name} to={`/class/students/${s.student.id}`}>
          {s.student.name}
        </Link>
        {twice && <span className="block text-sm font-normal text-soft">signs in as {s.student.username}</span>}
        {s.student.waiting && <span className="block text-sm font-normal text-soft">not signed in yet</span>}
        {s.student.extraTime > 0 && (
          <span className="block text-sm font-normal text-soft">{s.student.extraTime}% more time</span>
        )}
      </th>
      <td className="py-1.5 pr-8 text-right whitespace-nowrap">
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
