import { useRef, useState } from 'react';
import type { Schemas } from '../../api/client';
import { Button } from '../../ui/Button';
import type { useClass } from './useClass';

type Hand = ReturnType<typeof useClass>;

/** Adding students one by one or by a table; each gets a code that opens the account once. */
export function Roster({ hand }: { hand: Hand }) {
  const [name, setName] = useState('');
  const [username, setUsername] = useState('');
  const picker = useRef<HTMLInputElement>(null);
  const added = [...(hand.invite.data === undefined ? [] : [hand.invite.data]), ...(hand.roster.data?.added ?? [])];
  const failed = [hand.invite, hand.roster].find((m) => m.isError);
  return (
    <section aria-label="Roster" className="grid gap-3 rounded-slip border border-rule bg-leaf p-5">
      <h2 className="font-serif text-xl font-semibold">Add students</h2>
      <form
        className="flex flex-wrap items-end gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          hand.invite.mutate({ name, username }, { onSuccess: () => setName('') });
        }}
      >
        <label className="grid gap-1">
          <span className="text-sm text-soft">Name</span>
          <input className="rounded-slip border border-edge bg-paper px-3 py-1.5" value={name} maxLength={100} required onChange={(e) => setName(e.target.value)} />
        </label>
        <label className="grid gap-1">
          <span className="text-sm text-soft">Signs in as (made from the name when left empty)</span>
          <input className="rounded-slip border border-edge bg-paper px-3 py-1.5" value={username} maxLength={40} onChange={(e) => setUsername(e.target.value)} />
        </label>
        <Button type="submit" look="main" disabled={hand.invite.isPending}>
          Add
        </Button>
      </form>
      <div className="flex flex-wrap items-center gap-3">
        <Button onClick={() => picker.current?.click()} disabled={hand.roster.isPending}>
          Bring in a table (CSV)
        </Button>
        <input
          ref={picker}
          type="file"
          className="sr-only"
          tabIndex={-1}
          aria-label="Roster as CSV"
          accept=".csv,text/csv"
          onChange={(e) => {
            const file = e.target.files?.[0];
            if (file !== undefined) {
              void file.text().then((csv) => hand.roster.mutate(csv));
            }
            e.target.value = '';
          }}
        />
        <span className="text-sm text-soft">First line: givenName,familyName,username.</span>
        <a href="/api/class/users.csv" download>
          Roster as CSV
        </a>
      </div>
      {failed !== undefined && <p role="alert" className="text-rust">{failed.error?.message}</p>}
      {hand.roster.data?.refused.map((line) => (
        <p key={line} role="alert" className="text-rust">
          {line}
        </p>
      ))}
      {added.length > 0 && <Codes added={added} />}
    </section>
  );
}

function Codes({ added }: { added: Schemas['Invited'][] }) {
  return (
    <div role="status" className="rounded-slip bg-larch-wash p-4">
      <p className="font-semibold">Hand these codes out now: they are shown this one time, and open the account once.</p>
      <table className="mt-2">
        <tbody>
          {added.map((a) => (
            <tr key={a.id}>
              <th scope="row" className="pr-6 text-left font-normal">{a.name}</th>
              <td className="pr-6">signs in as {a.username}</td>
              <td className="font-mono">{a.code}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
