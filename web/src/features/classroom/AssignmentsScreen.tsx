import { useState } from 'react';
import { Button } from '../../ui/Button';
import { Notice } from '../../ui/Notice';
import { TopBar } from '../../ui/TopBar';
import { Builder } from './Builder';
import { type AssignmentRow, useAssignments, useClass } from './useClass';

/** What is set for the class, and setting more. */
export default function AssignmentsScreen() {
  const hand = useAssignments();
  const [building, setBuilding] = useState(false);
  return (
    <div className="min-h-screen">
      <TopBar />
      <main className="mx-auto grid max-w-5xl gap-6 px-6 py-8">
        <header className="flex flex-wrap items-center justify-between gap-4">
          <h1 className="font-serif text-3xl font-bold">Assignments</h1>
          {!building && (
            <Button look="main" onClick={() => setBuilding(true)}>
              Set a new one
            </Button>
          )}
        </header>
        {building && <Builder hand={hand} onClose={() => setBuilding(false)} />}
        {hand.add.isSuccess && !building && <p role="status">It is set. Students find it under what is due.</p>}
        {hand.all.isPending && <Notice title="Looking up the assignments." />}
        {hand.all.isError && <Notice title="This could not be loaded.">{hand.all.error.message}</Notice>}
        {hand.all.data?.length === 0 && <Notice title="Nothing is set yet.">Set a first assignment: skills, a target and a date.</Notice>}
        <ul className="grid gap-3">
          {hand.all.data?.map((a) => <Row key={a.id} row={a} hand={hand} />)}
        </ul>
      </main>
    </div>
  );
}

const DAY = { weekday: 'short', day: 'numeric', month: 'short' } as const;

function Row({ row, hand }: { row: AssignmentRow; hand: ReturnType<typeof useAssignments> }) {
  return (
    <li className="rounded-slip border border-rule bg-leaf p-4">
      <div className="flex flex-wrap items-baseline justify-between gap-x-6">
        <h2 className="font-serif text-xl font-semibold">{row.title}</h2>
        <span>due {new Date(row.due).toLocaleDateString('en', DAY)}</span>
      </div>
      <p className="text-soft">
        {row.skills.join(', ')}. Target: {row.target}
        {row.hasQuiz && ', with a quiz in rounds'}. {row.finished} of {row.students} have reached all skills.
      </p>
      {row.exceptions.some((e) => e.due !== undefined) && (
        <p className="text-sm text-soft">
          Other dates: {row.exceptions.flatMap((e) => (e.due === undefined ? [] : [`${e.name} ${new Date(e.due).toLocaleDateString('en', DAY)}`])).join(', ')}
        </p>
      )}
      <details className="mt-1">
        <summary className="cursor-pointer text-glacier">Change the date{row.hasQuiz && ', print the quiz'}</summary>
        <NewDate row={row} hand={hand} />
        {row.hasQuiz && (
          <p className="mt-2 flex gap-4">
            <a href={`/api/quiz/${row.id}/paper.pdf`}>A round on paper (PDF)</a>
            <a href={`/api/quiz/${row.id}/key.pdf`}>Its key (PDF)</a>
          </p>
        )}
      </details>
    </li>
  );
}

/** For the class, or for one student alone. */
function NewDate({ row, hand }: { row: AssignmentRow; hand: ReturnType<typeof useAssignments> }) {
  const students = useClass().glance.data?.students ?? [];
  const [date, setDate] = useState(row.due.slice(0, 10));
  const [student, setStudent] = useState('');
  const move = () => hand.move.mutate({ id: row.id, due: endOf(date), ...(student !== '' && { student }) });
  return (
    <div className="mt-2 flex flex-wrap items-end gap-3">
      <label className="grid gap-1">
        <span className="text-sm text-soft">For</span>
        <select className="rounded-slip border border-edge bg-paper px-3 py-2" value={student} onChange={(e) => setStudent(e.target.value)}>
          <option value="">the whole class</option>
          {students.map((s) => (
            <option key={s.student.id} value={s.student.id}>
              {s.student.name}
            </option>
          ))}
        </select>
      </label>
      <label className="grid gap-1">
        <span className="text-sm text-soft">Due at the end of</span>
        <input type="date" className="rounded-slip border border-edge bg-paper px-3 py-1.5" value={date} onChange={(e) => setDate(e.target.value)} />
      </label>
      <Button onClick={move} disabled={date === '' || hand.move.isPending}>
        Move
      </Button>
      {hand.move.isError && <p role="alert" className="text-rust">{hand.move.error.message}</p>}
    </div>
  );
}

/** The last minute of a day, where the instructor is. */
export function endOf(date: string): string {
  return new Date(`${date}T23:59:00`).toISOString();
}
