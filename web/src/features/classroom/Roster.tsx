import { useState } from 'react';
import { Button } from '../../ui/Button';
import { FilePicker } from '../../ui/FilePicker';
import { INPUT, Labelled } from '../../ui/Labelled';
import { Refused } from '../../ui/Refused';
import { Codes } from './Codes';
import type { ClassHand } from './useClass';

/** Adding students one by one or by a table; each gets a code that opens the account once. */
export function Roster({ hand }: { hand: ClassHand }) {
  const [name, setName] = useState('');
  const [username, setUsername] = useState('');
  return (
    <section aria-label="Roster" className="grid gap-3 rounded-slip border border-rule bg-leaf p-5">
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
        <FilePicker label="Roster as CSV" accept=".csv,text/csv" disabled={hand.roster.isPending} onFiles={([file]) => file !== undefined && void file.text().then((csv) => hand.roster.mutate(csv))}>
          Bring in a table (CSV)
        </FilePicker>
        <span className="text-sm text-soft">First line: givenName,familyName,username.</span>
        <a href="/api/class/users.csv" download>
          Roster as CSV
        </a>
      </div>
      <Refused by={[hand.invite, hand.roster]} />
      {hand.roster.data?.refused.map((line) => (
        <p key={line} role="alert" className="text-rust">
          {line}
        </p>
      ))}
      {hand.added.length > 0 && <Codes added={hand.added} />}
    </section>
  );
}
