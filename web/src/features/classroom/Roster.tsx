import { useState } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { Button } from '../../ui/Button';
import { FilePicker } from '../../ui/FilePicker';
import { INPUT, Labelled } from '../../ui/Labelled';
import { Refused } from '../../ui/Refused';
import { TakingIn } from '../exchange/TakenIn';
import { useOneRoster } from '../exchange/useOneRoster';
import { decoded } from './decode';
import { type ClassHand, useCodes } from './useClass';

/** Adding students one by one or by a table; each gets a code that opens the account once. */
export function Roster({ hand }: { hand: ClassHand }) {
  const [name, setName] = useState('');
  const [username, setUsername] = useState('');
  return (
    <section aria-label="Roster" className="no-print grid gap-3 rounded-slip border border-rule bg-leaf p-5">
      <h2 className="font-serif text-xl font-semibold">Add students</h2>
      <form
        className="flex flex-wrap items-end gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          hand.invite.mutate(
            { name, username },
            {
              onSuccess: () => {
                setName('');
                setUsername('');
              },
            },
          );
        }}
      >
        <Labelled name="Name">
          <input className={INPUT} value={name} maxLength={100} required onChange={(e) => setName(e.target.value)} />
        </Labelled>
        <Labelled name="Signs in as (made from the name when left empty)">
          <input className={INPUT} value={username} maxLength={40} onChange={(e) => setUsername(e.target.value)} />
        </Labelled>
        <Button type="submit" look="main" disabled={hand.invite.isPending}>
          Add
        </Button>
      </form>
      <div className="flex flex-wrap items-center gap-3">
        <FilePicker
          label="Roster as CSV"
          accept=".csv,text/csv"
          disabled={hand.roster.isPending}
          onFiles={([file]) =>
            file !== undefined &&
            void file.arrayBuffer().then((bytes) => hand.plan.mutate(decoded(new Uint8Array(bytes))))
          }
        >
          Bring in a table (CSV)
        </FilePicker>
        <span className="text-sm text-soft">
          The first line names the columns: givenName, familyName, username. You see what will happen before anything
          does.
        </span>
        <a href="/api/class/users.csv" download>
          Roster as CSV
        </a>
        <a href="/api/exchange/class-archive.zip" download>
          Everything of the class as one zip
        </a>
      </div>
      <Refused by={[hand.invite, hand.plan, hand.roster]} />
      {hand.plan.data !== undefined && <Plan hand={hand} csv={hand.plan.data.csv} lines={hand.plan.data.lines} />}
      <TakingIn reading={false} taking={hand.roster.isPending} what="table" headway={hand.headway} />
      {hand.roster.data !== undefined && <Added {...hand.roster.data} />}
      {hand.roster.data?.refused.map((line) => (
        <p key={line} role="alert" className="text-rust">
          {line}
        </p>
      ))}
      <WaitingCodes />
    </section>
  );
}

/** What a table has come to, and the way back as long as there is one. */
export function Added({ added, refused }: Schemas['RosterResult']) {
  const { last } = useOneRoster();
  return (
    <p role="status">
      {students(added.length)} added
      {refused.length > 0 && `, ${students(refused.length)} not taken in`}.
      {added.length > 0 && last !== null && ' For a day you can undo it, below.'}
    </p>
  );
}

const students = (n: number) => (n === 1 ? '1 student' : `${n} students`);

/** What taking the table in would do, line by line. */
function Plan({ hand, csv, lines }: { hand: ClassHand; csv: string; lines: Schemas['Planned'][] }) {
  const good = lines.filter((line) => line.refusal === '');
  return (
    <section aria-label="What the table will do" className="grid gap-2 rounded-slip border border-edge p-3">
      <p className="font-semibold">
        {students(good.length)} will be added
        {good.length < lines.length &&
          `; ${lines.length - good.length === 1 ? 'one line' : `${lines.length - good.length} lines`} cannot be taken in`}
        .
      </p>
      {/* oxlint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- scrolled by keyboard */}
      <div className="max-h-72 overflow-auto" tabIndex={0} role="region" aria-label="Lines of the table">
        <table className="text-sm">
          <tbody>
            {lines.map((line, i) => (
              // oxlint-disable-next-line react/no-array-index-key -- lines of a table in their order
              <tr key={i} className="border-t border-rule align-top">
                <td className="py-1 pr-4 text-soft">line {i + 2}</td>
                <td className="py-1 pr-4">{line.name}</td>
                <td className="py-1">
                  {line.refusal === '' ? (
                    `signs in as ${line.username}`
                  ) : (
                    <span className="text-rust">{line.refusal}</span>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <span className="flex gap-2">
        <Button
          look="main"
          disabled={good.length === 0 || hand.roster.isPending}
          onClick={() => hand.roster.mutate(csv)}
        >
          Add {students(good.length)}
        </Button>
        <Button onClick={() => hand.plan.reset()}>Not now</Button>
      </span>
    </section>
  );
}

/** Codes that wait to be handed out, and the way to their page. */
function WaitingCodes() {
  const codes = useCodes().data ?? [];
  return codes.length === 0 ? null : (
    <p className="rounded-slip bg-larch-wash p-3">
      {codes.length === 1 ? 'One code waits' : `${codes.length} codes wait`} to be handed out.{' '}
      <Link to="/class/codes">Codes to hand out</Link>
    </p>
  );
}
