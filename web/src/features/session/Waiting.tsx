import { type FormEvent, useState } from 'react';
import { Link, useLocation } from 'react-router';
import type { Schemas } from '../../api/client';
import { outbox } from '../../outbox';
import type { Deed, Refused } from '../../outbox/deed';
import { DRAFT } from '../practice/useDraft';
import { useOutbox } from '../../outbox/useOutbox';
import { Button } from '../../ui/Button';
import { INPUT, Labelled } from '../../ui/Labelled';
import { useSignInAgain, useSignOut } from './useSession';

/** What waits to be sent, on whatever page one is: why, and what can be done about it. */
export function Waiting({ me }: { me: Schemas['Me'] }) {
  const { deeds, standing, refused, elsewhere, lasts } = useOutbox();
  const { pathname } = useLocation();
  const isQuiet = standing === 'fine' || (standing !== 'signedOut' && deeds.length === 0);
  return (
    <div
      data-waiting={deeds.length}
      className="pointer-events-none sticky bottom-0 z-20 grid justify-items-center gap-2 px-3 print:hidden"
    >
      <div role="status" className="contents">
        {!isQuiet && standing !== 'signedOut' && (
          <p className={SLIP}>
            {standing === 'busy' ? 'The server is busy.' : 'No connection.'} {counted(deeds.length)}{' '}
            {lasts ? 'kept on this device and sent when it is back.' : 'not sent yet: leave this window open.'}
          </p>
        )}
      </div>
      {standing === 'signedOut' && <SignInAgain me={me} waiting={deeds.length} />}
      {elsewhere.map(({ deed }) =>
        isGone(deed, pathname) ? (
          <NotTaken
            key={deed.id}
            refused={{
              words: deed.words,
              copy: deed.copy ?? '',
              sentence: 'Its place is gone: you had gone on in another window.',
            }}
            onClose={() => outbox.choose(deed.id, 'theirs')}
          />
        ) : (
          <p key={deed.id} role="alert" className={SLIP}>
            {deed.words} was changed in another window too. <Link to={deed.page}>Choose which one to keep</Link>
          </p>
        ),
      )}
      {refused.map((one) => (
        <NotTaken key={one.id} refused={one} onClose={() => outbox.dismiss(one.id)} />
      ))}
    </div>
  );
}

const SLIP = 'pointer-events-auto mb-2 max-w-2xl rounded-slip border border-edge bg-larch-wash px-4 py-2 shadow-lg';

/** An answer typed at an item that was gone on from in another window: this page shows the next one. */
function isGone(deed: Deed, pathname: string): boolean {
  return deed.page === pathname && deed.slot?.startsWith(DRAFT) === true;
}

function counted(count: number): string {
  return count === 1 ? 'One thing is' : `${count} things are`;
}

/** The session has ended: the page stays as it is, and goes on when one has signed in. */
function SignInAgain({ me, waiting }: { me: Schemas['Me']; waiting: number }) {
  const again = useSignInAgain();
  /** On a computer that several share: what waits stays here for the one who made it. */
  const leave = useSignOut();
  const [username, setUsername] = useState('');
  const [password, setPassword] = useState('');
  const submit = (event: FormEvent) => {
    event.preventDefault();
    again.mutate({ id: me.id, username, password });
  };
  return (
    <form aria-label="Sign in again" onSubmit={submit} className={`${SLIP} grid gap-2`}>
      <p role="alert">
        <strong>You are signed out.</strong> {waiting > 0 && `${counted(waiting)} kept on this device. `}Sign in again,{' '}
        {me.name}, and go on where you are.
      </p>
      <span className="flex flex-wrap items-end gap-3">
        <Labelled name="Name">
          <input
            className={INPUT}
            value={username}
            onChange={(e) => setUsername(e.target.value)}
            autoComplete="username"
            autoCapitalize="none"
            required
            maxLength={40}
          />
        </Labelled>
        <Labelled name="Password">
          <input
            className={INPUT}
            type="password"
            value={password}
            onChange={(e) => setPassword(e.target.value)}
            autoComplete="current-password"
            required
            maxLength={200}
          />
        </Labelled>
        <Button look="main" type="submit" disabled={again.isPending}>
          Sign in and go on
        </Button>
        <Button look="quiet" onClick={() => leave.mutate()}>
          I am somebody else
        </Button>
      </span>
      {again.isError && (
        <p role="alert" className="text-rust">
          {again.error.message}
        </p>
      )}
    </form>
  );
}

/** The server will not take something: told once, with what was made still there to copy. */
function NotTaken({
  refused: { words, sentence, copy },
  onClose,
}: {
  refused: Pick<Refused, 'words' | 'sentence' | 'copy'>;
  onClose: () => void;
}) {
  const [copied, setCopied] = useState(false);
  return (
    <section role="alert" aria-label="Not taken" className={`${SLIP} grid w-full gap-2`}>
      <p>
        <strong>{words} could not be kept.</strong> {sentence}
      </p>
      {copy !== '' && (
        <textarea
          readOnly
          aria-label="What you made"
          className="max-h-32 rounded-slip border border-edge bg-leaf p-2 font-serif"
          value={copy}
        />
      )}
      <span className="flex flex-wrap gap-2">
        {copy !== '' && navigator.clipboard !== undefined && (
          <Button small onClick={() => void navigator.clipboard.writeText(copy).then(() => setCopied(true))}>
            {copied ? 'Copied' : 'Copy it'}
          </Button>
        )}
        <Button small onClick={onClose}>
          Close
        </Button>
      </span>
    </section>
  );
}
