import { useState } from 'react';
import { Link } from 'react-router';
import { AskFirst } from '../../ui/AskFirst';
import { Button } from '../../ui/Button';
import { dateOf, day, endOf, weekday } from '../../ui/dates';
import { INPUT, Labelled } from '../../ui/Labelled';
import { Refused } from '../../ui/Refused';
import { itemsAsText, itemsFor } from '../exchange/items';
import { sheetOf } from '../paper/wanted';
import { type AssignmentRow, type AssignmentsHand, useGlance } from './useClass';

const SHEETS = ['A', 'B'];

type Props = { row: AssignmentRow; hand: AssignmentsHand; withdrawn: boolean; onCopy: () => void };

/** One assignment, how far the class is in it, and what can be changed. */
export function AssignmentItem({ row, hand, withdrawn, onCopy }: Props) {
  const [open, setOpen] = useState(false);
  const different = row.exceptions.flatMap((e) =>
    e.leftOut ? [`${e.name} left out`] : e.due === undefined ? [] : [`${e.name} until ${day(e.due)}`],
  );
  return (
    <li className="rounded-slip border border-rule bg-leaf p-4">
      <div className="flex flex-wrap items-baseline justify-between gap-x-6">
        <h3 className="font-serif text-lg font-semibold">{row.title}</h3>
        <span>
          {row.opens !== undefined && `from ${weekday(row.opens)}, `}due {weekday(row.due)}
        </span>
      </div>
      <p className="text-soft">
        {row.skills.length > 0 && `${row.skills.join(', ')}. `}Target: {row.says}
        {row.quiz !== undefined &&
          row.quiz.shares.length > 0 &&
          !row.target.startsWith('quiz') &&
          ', with a quiz in rounds at the end'}
        .
      </p>
      {!row.target.startsWith('quiz') && <Share row={row} />}
      {different.length > 0 && (
        <p className="text-sm text-soft">
          {different.length > 6 ? `For ${row.students} of the class` : `Different: ${different.join(', ')}`}
        </p>
      )}
      <details className="mt-1" onToggle={(e) => setOpen(e.currentTarget.open)}>
        <summary className="w-fit cursor-pointer text-glacier">{withdrawn ? 'Set it again' : 'Change it'}</summary>
        {open && <Changes row={row} hand={hand} withdrawn={withdrawn} onCopy={onCopy} />}
      </details>
    </li>
  );
}

/** What can be changed; made when it is unfolded, as a list can be long. */
function Changes({ row, hand, withdrawn, onCopy }: Props) {
  return (
    <div className="mt-2 grid gap-3">
      {!withdrawn && <NewDate row={row} hand={hand} />}
      {!withdrawn && <NewTitle row={row} hand={hand} />}
      <span className="flex flex-wrap items-center gap-3">
        {withdrawn ? (
          <Button
            disabled={hand.withdraw.isPending}
            onClick={() => hand.withdraw.mutate({ id: row.id, withdrawn: false })}
          >
            Set it again as it was
          </Button>
        ) : (
          <AskFirst
            name="Withdraw it"
            words="It is gone for students at once. What they did in it is kept, and comes back when you set it again."
            yes="Yes, withdraw it"
            disabled={hand.withdraw.isPending}
            onYes={() => hand.withdraw.mutate({ id: row.id, withdrawn: true })}
          />
        )}
        <Button onClick={onCopy}>Set another one like it</Button>
        {row.skillIds.length > 0 && (
          <>
            <Link to={sheetOf(row.title, row.skillIds)}>Print a practice sheet</Link>
            <a href={itemsFor(row.skillIds, row.title)} download>
              Take its items along (QTI)
            </a>
            <a href={itemsAsText(row.skillIds, row.title)} download>
              … as text (Markdown, LaTeX)
            </a>
          </>
        )}
        {row.quiz !== undefined && (
          <>
            {SHEETS.map((sheet, i) => (
              <span key={sheet}>
                <a href={`/api/quiz/${row.id}/paper.pdf?seed=${i + 1}`}>Paper {sheet} (PDF)</a>,{' '}
                <a href={`/api/quiz/${row.id}/key.pdf?seed=${i + 1}`}>key {sheet}</a>
              </span>
            ))}
          </>
        )}
      </span>
      {row.quiz !== undefined && (
        <p className="text-sm text-soft">
          Sheets A and B have different items, of your own: no student can print them, and no round on the screen has
          them.
        </p>
      )}
      <Refused by={[hand.move, hand.rename, hand.withdraw].filter((m) => m.variables?.id === row.id)} />
    </div>
  );
}

/** How much of the class has begun and finished. */
function Share({ row }: { row: AssignmentRow }) {
  const part = (n: number) => `${(100 * n) / Math.max(1, row.students)}%`;
  return (
    <p className="mt-1 flex items-center gap-3 text-sm">
      <span className="relative h-2.5 w-40 overflow-hidden rounded-full border border-edge" aria-hidden="true">
        <span className="absolute inset-y-0 left-0 bg-spruce opacity-30" style={{ width: part(row.started) }} />
        <span className="absolute inset-y-0 left-0 bg-spruce" style={{ width: part(row.finished) }} />
      </span>
      {row.target === 'check'
        ? `${row.finished} of ${row.students} have taken it`
        : `${row.finished} of ${row.students} have reached all skills, ${row.started === 1 ? 'one has' : `${row.started} have`} begun`}
    </p>
  );
}

/** The date that holds for a student; of nobody, that of the class. */
function dueOf(row: AssignmentRow, student: string): string {
  return row.exceptions.find((e) => e.id === student)?.due ?? row.due;
}

/** For the class, or for one student alone. */
function NewDate({ row, hand }: { row: AssignmentRow; hand: AssignmentsHand }) {
  const students = useGlance().data?.students ?? [];
  const [date, setDate] = useState(dateOf(new Date(row.due)));
  const [student, setStudent] = useState('');
  return (
    <div className="flex flex-wrap items-end gap-3">
      <Labelled name="For">
        <select
          className={INPUT}
          value={student}
          onChange={(e) => {
            setStudent(e.target.value);
            setDate(dateOf(new Date(dueOf(row, e.target.value))));
          }}
        >
          <option value="">the whole class</option>
          {students.map((s) => (
            <option key={s.student.id} value={s.student.id}>
              {s.student.name}
            </option>
          ))}
        </select>
      </Labelled>
      <Labelled name="Due at the end of">
        <input type="date" className={INPUT} value={date} onChange={(e) => setDate(e.target.value)} />
      </Labelled>
      <Button
        onClick={() => hand.move.mutate({ id: row.id, due: endOf(date), ...(student !== '' && { student }) })}
        disabled={date === '' || hand.move.isPending}
      >
        Move
      </Button>
    </div>
  );
}

function NewTitle({ row, hand }: { row: AssignmentRow; hand: AssignmentsHand }) {
  const [title, setTitle] = useState(row.title);
  return (
    <div className="flex flex-wrap items-end gap-3">
      <Labelled name="Another title">
        <input className={`${INPUT} w-72`} maxLength={100} value={title} onChange={(e) => setTitle(e.target.value)} />
      </Labelled>
      <Button
        disabled={hand.rename.isPending || title.trim() === '' || title === row.title}
        onClick={() => hand.rename.mutate({ id: row.id, title })}
      >
        Rename
      </Button>
    </div>
  );
}
