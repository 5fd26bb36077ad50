import type { Schemas } from '../../api/client';
import { AskFirst } from '../../ui/AskFirst';
import { Button } from '../../ui/Button';
import { Refused } from '../../ui/Refused';
import { useStudent } from './useClass';
import { goes, useErasure, useGoing } from './useErasure';

/** Students who were taken out of the class; nothing of their work is lost until it is deleted here. */
export function Closed({ students }: { students: Schemas['Student'][] }) {
  return (
    <details>
      <summary data-closed className="cursor-pointer font-serif text-xl font-semibold">
        Closed accounts: {students.length}
      </summary>
      <ul className="mt-2 grid gap-2">
        {students.map((s) => (
          <Row key={s.id} student={s} />
        ))}
      </ul>
    </details>
  );
}

function Row({ student }: { student: Schemas['Student'] }) {
  const hand = useStudent(student.id);
  const erasure = useErasure(student);
  return (
    <li className="flex flex-wrap items-center gap-4">
      {student.name}
      <span className="text-soft">signs in as {student.username}</span>
      <Button small disabled={hand.close.isPending} onClick={() => hand.close.mutate(false)}>
        Open again
      </Button>
      <AskFirst
        name={`Delete ${student.name} for good`}
        words={<Going id={student.id} />}
        yes="Yes, delete it all"
        disabled={erasure.isPending}
        onYes={() => erasure.mutate()}
      />
      <Refused by={[hand.close, erasure]} />
    </li>
  );
}

function Going({ id }: { id: string }) {
  const going = useGoing(id);
  if (going.data === undefined) {
    return going.isError ? going.error.message : 'Counting what would go.';
  }
  return (
    <>
      {goes(going.data)}{' '}
      <a href={`/api/exchange/students/${id}/archive.zip`} download>
        Take it out as a file first
      </a>
      .
    </>
  );
}
