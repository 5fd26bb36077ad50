import { useState } from 'react';
import { Button } from '../../ui/Button';
import { INPUT, Labelled } from '../../ui/Labelled';
import { Refused } from '../../ui/Refused';
import { Codes } from '../classroom/Codes';
import { useColleagues } from './useClasses';

/** Who teaches the open class, and inviting somebody to teach it as well. */
export function Colleagues({ className }: { className: string }) {
  const hand = useColleagues();
  const [name, setName] = useState('');
  const [username, setUsername] = useState('');
  return (
    <section aria-label="Who teaches it" className="grid gap-3 rounded-slip border border-rule bg-leaf p-5">
      <h2 className="font-serif text-xl font-semibold">Who teaches {className}</h2>
      <ul>
        {hand.all.data?.map((c) => (
          <li key={c.id}>
            {c.name}
            {c.waiting && <span className="text-soft"> (has not signed in yet)</span>}
          </li>
        ))}
      </ul>
      <form
        className="flex flex-wrap items-end gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          hand.invite.mutate({ name, username }, { onSuccess: () => setName('') });
        }}
      >
        <Labelled name="Name of a colleague">
          <input className={INPUT} value={name} maxLength={100} required onChange={(e) => setName(e.target.value)} />
        </Labelled>
        <Labelled name="Signs in as (made from the name when left empty)">
          <input className={INPUT} value={username} maxLength={40} onChange={(e) => setUsername(e.target.value)} />
        </Labelled>
        <Button type="submit" disabled={hand.invite.isPending}>
          Invite
        </Button>
      </form>
      <p className="text-sm text-soft">A colleague sees and changes this class as you do, and can make classes of their own.</p>
      <Refused by={[hand.invite]} />
      {hand.invite.data !== undefined && <Codes added={[hand.invite.data]} />}
    </section>
  );
}
