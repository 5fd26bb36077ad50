import { type FormEvent, useState } from 'react';
import { Button } from '../../ui/Button';
import { INPUT, Labelled } from '../../ui/Labelled';
import { Refused } from '../../ui/Refused';
import { useSetUp } from './useSession';

const EMPTY = { code: '', name: '', username: '', password: '', className: '' };

/** The first account of an empty server: an instructor with a first class. All others are made from there. */
export function SetUpForm() {
  const setUp = useSetUp();
  const [first, setFirst] = useState(EMPTY);
  const change = (part: Partial<typeof EMPTY>) => setFirst({ ...first, ...part });
  const submit = (event: FormEvent) => {
    event.preventDefault();
    setUp.mutate(first);
  };
  return (
    <form onSubmit={submit} className="grid w-full gap-4 rounded-slip bg-leaf p-2">
      <h2 className="font-serif text-2xl font-semibold">Nobody is here yet</h2>
      <p>
        Make the first account: an instructor with a class. The server printed a code when it started; it shows that
        this is your server.
      </p>
      <Labelled name="Code from the server">
        <input
          className={`${INPUT} font-mono`}
          value={first.code}
          onChange={(e) => change({ code: e.target.value })}
          autoComplete="off"
          autoCapitalize="none"
          required
          maxLength={40}
          placeholder="xxxx-xxxx-xxxx"
        />
      </Labelled>
      <Labelled name="Your name, as students see it">
        <input
          className={INPUT}
          value={first.name}
          onChange={(e) => change({ name: e.target.value })}
          autoComplete="name"
          required
          maxLength={100}
        />
      </Labelled>
      <Labelled name="Name to sign in with: small letters, digits, dots or dashes">
        <input
          className={INPUT}
          value={first.username}
          onChange={(e) => change({ username: e.target.value })}
          autoComplete="username"
          autoCapitalize="none"
          required
          maxLength={40}
        />
      </Labelled>
      <Labelled name="A password, of at least 8 characters">
        <input
          className={INPUT}
          type="password"
          value={first.password}
          onChange={(e) => change({ password: e.target.value })}
          autoComplete="new-password"
          required
          maxLength={200}
        />
      </Labelled>
      <Labelled name="Your first class">
        <input
          className={INPUT}
          value={first.className}
          onChange={(e) => change({ className: e.target.value })}
          required
          maxLength={100}
        />
      </Labelled>
      <Refused by={[setUp]} />
      <Button look="main" type="submit" className="w-fit" disabled={setUp.isPending}>
        Begin
      </Button>
    </form>
  );
}
