import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { AskFirst } from '../../ui/AskFirst';
import { Button } from '../../ui/Button';
import { INPUT, Labelled } from '../../ui/Labelled';
import { Refused } from '../../ui/Refused';
import { useClasses } from '../classes/useClasses';
import { useGlance, useStudent } from './useClass';

/** The account of a student: name, extra time, a new code, another class, and taking out of the class. */
export function Allowances({ studentId, name }: { studentId: string; name: string }) {
  const glance = useGlance().data;
  const row = glance?.students.find((s) => s.student.id === studentId);
  const closed = glance?.closed.some((s) => s.id === studentId) === true;
  const hand = useStudent(studentId);
  const [percent, setPercent] = useState<number | null>(null);
  const time = percent ?? row?.student.extraTime ?? 0;
  return (
    <section aria-label="The account" className="grid gap-4 rounded-slip border border-rule bg-leaf p-4">
      <p className="text-soft">
        {row === undefined
          ? closed
            ? 'This account is closed.'
            : 'Looking up the account.'
          : `Signs in as ${row.student.username}${row.student.waiting ? '; the first-time code was not used yet' : ''}.`}
      </p>
      <div className="flex flex-wrap items-end gap-x-8 gap-y-3">
        <span className="flex items-end gap-2">
          <Labelled name="Extra time in quizzes, percent">
            <input
              type="number"
              min={0}
              max={200}
              step={5}
              className={`${INPUT} w-24`}
              value={time}
              onChange={(e) => setPercent(e.target.valueAsNumber || 0)}
            />
          </Labelled>
          <Button
            disabled={hand.extra.isPending || row === undefined || time === row.student.extraTime}
            onClick={() => hand.extra.mutate(time)}
          >
            Allow
          </Button>
        </span>
        <Renaming name={name} hand={hand} />
        <span className="grid gap-1">
          <span className="text-sm text-soft">Password forgotten, or locked out</span>
          <AskFirst
            name="Make a new code"
            words="The current password stops working, and the student is signed out everywhere, also in the middle of a quiz."
            yes="Yes, make a new code"
            disabled={hand.code.isPending}
            onYes={() => hand.code.mutate()}
          />
        </span>
      </div>
      {hand.code.isSuccess && (
        <p role="status">
          The code: <strong className="font-mono">{hand.code.data.code}</strong>. It opens the account once. Until then
          you find it under <Link to="/class/codes">Codes to hand out</Link> too.
        </p>
      )}
      {row !== undefined && (
        <p className="flex flex-wrap items-center gap-3 border-t border-rule pt-3">
          <span className="text-soft">Starting check:</span>
          <Button
            disabled={hand.anotherCheck.isPending || hand.anotherCheck.isSuccess}
            onClick={() => hand.anotherCheck.mutate()}
          >
            Let this student take it again
          </Button>
          {hand.anotherCheck.isSuccess && (
            <span role="status">It is open for this student now, under “What do you know already?”.</span>
          )}
        </p>
      )}
      {row !== undefined && <Leaving name={name} hand={hand} />}
      <Refused by={[hand.extra, hand.rename, hand.code, hand.close, hand.move, hand.anotherCheck]} />
    </section>
  );
}

function Renaming({ name, hand }: { name: string; hand: ReturnType<typeof useStudent> }) {
  const [fresh, setFresh] = useState(name);
  return (
    <span className="flex items-end gap-2">
      <Labelled name="Name">
        <input className={INPUT} value={fresh} maxLength={100} onChange={(e) => setFresh(e.target.value)} />
      </Labelled>
      <Button
        disabled={hand.rename.isPending || fresh.trim() === '' || fresh === name}
        onClick={() => hand.rename.mutate(fresh)}
      >
        Rename
      </Button>
    </span>
  );
}

function Leaving({ name, hand }: { name: string; hand: ReturnType<typeof useStudent> }) {
  const navigate = useNavigate();
  const others = (useClasses().all.data ?? []).filter((c) => !c.isOpen && !c.isOver);
  const [to, setTo] = useState('');
  const target = others.find((c) => c.id === to);
  const away = (said: string) => ({ onSuccess: () => void navigate('/class', { state: { said } }) });
  return (
    <div className="flex flex-wrap items-end gap-x-8 gap-y-3 border-t border-rule pt-3">
      {others.length > 0 && (
        <span className="flex flex-wrap items-end gap-2">
          <Labelled name="Another class of yours">
            <select className={INPUT} value={to} onChange={(e) => setTo(e.target.value)}>
              <option value="">choose one</option>
              {others.map((c) => (
                <option key={c.id} value={c.id}>
                  {c.name}
                </option>
              ))}
            </select>
          </Labelled>
          {target !== undefined && (
            <AskFirst
              name="Move there"
              words={`${name} leaves this class for ${target.name}. All work goes along.`}
              yes="Yes, move"
              disabled={hand.move.isPending}
              onYes={() => hand.move.mutate(target.id, away(`${name} is in ${target.name} now.`))}
            />
          )}
        </span>
      )}
      <AskFirst
        name="Take out of the class"
        words="The account is closed then. All work stays, and you can open it again."
        yes="Yes, close it"
        disabled={hand.close.isPending}
        onYes={() =>
          hand.close.mutate(true, away(`The account of ${name} is closed. You find it below, under closed accounts.`))
        }
      />
    </div>
  );
}
