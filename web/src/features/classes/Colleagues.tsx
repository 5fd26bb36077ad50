import { useState } from 'react';
import { Link } from 'react-router';
import { AskFirst } from '../../ui/AskFirst';
import { Button } from '../../ui/Button';
import { INPUT, Labelled } from '../../ui/Labelled';
import { Refused } from '../../ui/Refused';
import { useColleagues } from './useClasses';

/** Who teaches the open class, and inviting somebody to teach it as well. */
export function Colleagues({ className }: { className: string }) {
  const hand = useColleagues();
  return (
    <section aria-label="Who teaches it" className="grid gap-3 rounded-slip border border-rule bg-leaf p-5">
      <h2 className="font-serif text-xl font-semibold">Who teaches {className}</h2>
      <ul>
        {hand.all.data?.map((c) => (
          <li key={c.id} className="flex flex-wrap items-center gap-3 border-t border-rule py-1.5">
            <span className="min-w-56">
              {c.name}
              <span className="text-soft">
                , signs in as {c.username}
                {c.waiting && '; the code was not used yet'}
              </span>
            </span>
            {c.self ? (
              <span className="text-soft">this is you</span>
            ) : (
              <>
                <AskFirst
                  name="Make a new code"
                  words={`The password of ${c.name} stops working.`}
                  yes="Yes, make a new code"
                  disabled={hand.code.isPending}
                  onYes={() => hand.code.mutate(c.id)}
                />
                <AskFirst
                  name="Take off this class"
                  words={`${c.name} no longer sees ${className}.`}
                  yes="Yes, take off"
                  disabled={hand.remove.isPending}
                  onYes={() => hand.remove.mutate(c.id)}
                />
              </>
            )}
          </li>
        ))}
      </ul>
      <Inviting hand={hand} />
      <p className="text-sm text-soft">
        A colleague sees and changes this class as you do, and can make classes of their own.
      </p>
      <Refused by={[hand.invite, hand.code, hand.remove]} />
      {hand.invite.data !== undefined && <Invited account={hand.invite.data} />}
      {hand.code.data !== undefined && (
        <p role="status">
          The new code: <strong className="font-mono">{hand.code.data.code}</strong>
        </p>
      )}
    </section>
  );
}

type Hand = ReturnType<typeof useColleagues>;

function Inviting({ hand }: { hand: Hand }) {
  const [name, setName] = useState('');
  const [username, setUsername] = useState('');
  return (
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
      <Labelled name="Signs in as (of one who has an account already, the name used there)">
        <input className={INPUT} value={username} maxLength={40} onChange={(e) => setUsername(e.target.value)} />
      </Labelled>
      <Button type="submit" disabled={hand.invite.isPending}>
        Invite
      </Button>
    </form>
  );
}

function Invited({ account }: { account: NonNullable<Hand['invite']['data']> }) {
  return (
    <p role="status">
      {account.code === '' ? (
        `${account.name} teaches this class too now, and signs in as before.`
      ) : (
        <>
          {account.name} signs in as {account.username} with the code{' '}
          <strong className="font-mono">{account.code}</strong>, once. You find it under{' '}
          <Link to="/class/codes">Codes to hand out</Link> until then.
        </>
      )}
    </p>
  );
}
