import { useState } from 'react';
import { useNavigate } from 'react-router';
import { Button } from '../../ui/Button';
import { INPUT, Labelled } from '../../ui/Labelled';
import { Refused } from '../../ui/Refused';
import { useClasses } from '../classes/useClasses';
import { useGlance, useStudent } from './useClass';

/** The account of a student: name, extra time, a new code, another class, and taking out of the class. */
export function Allowances({ studentId, name }: { studentId: string; name: string }) {
  const row = useGlance().data?.students.find((s) => s.student.id === studentId);
  const hand = useStudent(studentId);
  const [percent, setPercent] = useState<number | null>(null);
  const [fresh, setFresh] = useState(name);
  const time = percent ?? row?.student.extraTime ?? 0;
  return (
    <section aria-label="The account" className="grid gap-4 rounded-slip border border-rule bg-leaf p-4">
      <p className="text-soft">{row === undefined ? 'This account is closed.' : `Signs in as ${row.student.username}${row.student.waiting ? '; the first-time code was not used yet' : ''}.`}</p>
      <div className="flex flex-wrap items-end gap-x-8 gap-y-3">
        <span className="flex items-end gap-2">
          <Labelled name="Extra time in quizzes, percent">
            <input type="number" min={0} max={200} step={5} className={`${INPUT} w-24`} value={time} onChange={(e) => setPercent(e.target.valueAsNumber || 0)} />
          </Labelled>
          <Button disabled={hand.extra.isPending || row === undefined || time === row.student.extraTime} onClick={() => hand.extra.mutate(time)}>
            Allow
          </Button>
        </span>
        <span className="flex items-end gap-2">
          <Labelled name="Name">
            <input className={INPUT} value={fresh} maxLength={100} onChange={(e) => setFresh(e.target.value)} />
          </Labelled>
          <Button disabled={hand.rename.isPending || fresh.trim() === '' || fresh === name} onClick={() => hand.rename.mutate(fresh)}>
            Rename
          </Button>
        </span>
        <span className="grid gap-1">
          <span className="text-sm text-soft">Password forgotten, or locked out</span>
          <Button disabled={hand.code.isPending} onClick={() => hand.code.mutate()}>
            Make a new code
          </Button>
        </span>
      </div>
      {hand.code.isSuccess && (
        <p role="status">
          The code, shown this one time: <strong className="font-mono">{hand.code.data.code}</strong>. The old password is void, and the student is signed out everywhere.
        </p>
      )}
      {row !== undefined && <Leaving hand={hand} />}
      <Refused by={[hand.extra, hand.rename, hand.code, hand.close, hand.move]} />
    </section>
  );
}

function Leaving({ hand }: { hand: ReturnType<typeof useStudent> }) {
  const navigate = useNavigate();
  const others = (useClasses().all.data ?? []).filter((c) => !c.isOpen && !c.isOver);
  const [sure, setSure] = useState(false);
  const away = { onSuccess: () => void navigate('/class') };
  return (
    <div className="flex flex-wrap items-end gap-x-8 gap-y-3 border-t border-rule pt-3">
      {others.length > 0 && (
        <Labelled name="Move to another class; all work goes along">
          <select className={INPUT} value="" onChange={(e) => e.target.value !== '' && hand.move.mutate(e.target.value, away)}>
            <option value="">choose one</option>
            {others.map((c) => (
              <option key={c.id} value={c.id}>
                {c.name}
              </option>
            ))}
          </select>
        </Labelled>
      )}
      {sure ? (
        <span className="flex flex-wrap items-center gap-2">
          The account is closed then. All work stays, and you can open it again.
          <Button disabled={hand.close.isPending} onClick={() => hand.close.mutate(true, away)}>
            Close it
          </Button>
          <Button look="quiet" onClick={() => setSure(false)}>
            Not now
          </Button>
        </span>
      ) : (
        <Button onClick={() => setSure(true)}>Take out of the class</Button>
      )}
    </div>
  );
}
