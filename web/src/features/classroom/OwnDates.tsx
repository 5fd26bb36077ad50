import { useState } from 'react';
import { Button } from '../../ui/Button';
import { endOf, weekday } from '../../ui/dates';
import { INPUT, Labelled } from '../../ui/Labelled';
import { Refused } from '../../ui/Refused';
import { type AssignmentRow, useAssignments } from './useClass';

/** What is different for one student about what is set: another date, or being left out. */
export function OwnDates({ studentId }: { studentId: string }) {
  // Mostly one whose date is past is put off for somebody.
  const hand = useAssignments(true);
  const [chosen, setChosen] = useState('');
  const [date, setDate] = useState('');
  const all = hand.rows?.all ?? [];
  const own = (a: AssignmentRow) => a.exceptions.find((e) => e.id === studentId);
  const different = all.filter((a) => own(a) !== undefined);
  const row = all.find((a) => a.id === chosen);
  return (
    <details className="rounded-slip border border-rule bg-leaf p-4">
      <summary className="cursor-pointer font-semibold">
        Different dates for this student{different.length > 0 && `: ${different.length} different`}
      </summary>
      <ul className="mt-2 grid gap-1">
        {different.map((a) => (
          <li key={a.id} className="flex flex-wrap items-center gap-3">
            {a.title}:{' '}
            {own(a)?.leftOut === true
              ? 'not set for this student'
              : `due ${weekday(own(a)?.due ?? a.due)} instead of ${weekday(a.due)}`}
            {own(a)?.leftOut === true && (
              <Button small onClick={() => hand.leaveOut.mutate({ id: a.id, student: studentId, leftOut: false })}>
                Set it
              </Button>
            )}
          </li>
        ))}
      </ul>
      <div className="mt-3 flex flex-wrap items-end gap-3">
        <Labelled name="Which assignment">
          <select className={INPUT} value={chosen} onChange={(e) => setChosen(e.target.value)}>
            <option value="">choose one</option>
            {all.map((a) => (
              <option key={a.id} value={a.id}>
                {a.title}, due {weekday(a.due)}
              </option>
            ))}
          </select>
        </Labelled>
        <Labelled name="Due at the end of">
          <input type="date" className={INPUT} value={date} onChange={(e) => setDate(e.target.value)} />
        </Labelled>
        <Button
          disabled={row === undefined || date === '' || hand.move.isPending}
          onClick={() => row !== undefined && hand.move.mutate({ id: row.id, due: endOf(date), student: studentId })}
        >
          Move for this student
        </Button>
        {row !== undefined && own(row)?.leftOut !== true && (
          <Button
            look="quiet"
            disabled={hand.leaveOut.isPending}
            onClick={() => hand.leaveOut.mutate({ id: row.id, student: studentId, leftOut: true })}
          >
            Leave this student out
          </Button>
        )}
      </div>
      <Refused by={[hand.move, hand.leaveOut]} />
    </details>
  );
}
