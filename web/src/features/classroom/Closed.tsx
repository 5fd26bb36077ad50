import type { Schemas } from '../../api/client';
import { Button } from '../../ui/Button';
import { Refused } from '../../ui/Refused';
import { useStudent } from './useClass';

/** Students who were taken out of the class; nothing of their work is lost. */
export function Closed({ students }: { students: Schemas['Student'][] }) {
  return (
    <details>
      <summary className="cursor-pointer font-serif text-xl font-semibold">Closed accounts: {students.length}</summary>
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
  return (
    <li className="flex flex-wrap items-center gap-4">
      {student.name}
      <span className="text-soft">signs in as {student.username}</span>
      <Button small disabled={hand.close.isPending} onClick={() => hand.close.mutate(false)}>
        Open again
      </Button>
      <Refused by={[hand.close]} />
    </li>
  );
}
