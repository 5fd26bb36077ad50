import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { api, done } from '../../api/client';
import { Button } from '../../ui/Button';
import { TopBar } from '../../ui/TopBar';
import { useMe } from '../session/useSession';
import { CalendarSection } from './CalendarSection';

/** One's own password, and where one is signed in. */
export default function AccountScreen() {
  const me = useMe();
  const queries = useQueryClient();
  const everywhere = useMutation({
    mutationFn: () => done(api.POST('/api/account/sign-out-everywhere')),
    onSuccess: () => queries.invalidateQueries(),
    retry: false,
  });
  return (
    <div className="min-h-screen">
      <TopBar />
      <main className="page gap-8">
        <h1 className="font-serif text-3xl font-bold">Your account</h1>
        {me.data?.mustChange === true && (
          <p className="rounded-slip border-l-4 border-larch-mark bg-larch-wash p-4">
            The code worked. Now choose a password of your own.
          </p>
        )}
        <NewPassword code={me.data?.mustChange === true} />
        {me.data?.mustChange === false && <CalendarSection />}
        {me.data?.role === 'STUDENT' && !me.data.mustChange && <TakeAlong />}
        <section className="grid justify-items-start gap-2">
          <h2 className="font-serif text-xl font-semibold">Signed in elsewhere?</h2>
          <p>This signs you out on every device, this one too. Nothing that you did is lost.</p>
          <Button onClick={() => everywhere.mutate()} disabled={everywhere.isPending}>
            Sign out everywhere
          </Button>
          {everywhere.isError && (
            <p role="alert" className="text-rust">
              {everywhere.error.message}
            </p>
          )}
        </section>
      </main>
    </div>
  );
}

function TakeAlong() {
  return (
    <section className="grid justify-items-start gap-2" aria-label="Take it along">
      <h2 className="font-serif text-xl font-semibold">Take what you made along</h2>
      <p className="max-w-2xl">
        <a href="/api/exchange/own-archive.zip" download>
          Everything as one zip
        </a>
        : your pages with their lines, ink and photos, what was said of them, and what you did. A file in it says what
        is where. Nothing is removed here.
      </p>
      <p className="max-w-2xl">
        <a href="/api/exchange/own-statements.jsonl" download>
          What you did, for another program
        </a>
        : your answers in practice, the help you opened, credit for your work and your quiz results, one line each, as
        xAPI statements.
      </p>
    </section>
  );
}

const INPUT = 'rounded-slip border border-edge bg-leaf px-3 py-2';

type FieldProps = { name: string; fills: string; value: string; onChange: (value: string) => void };

function PasswordField({ name, fills, value, onChange }: FieldProps) {
  return (
    <label className="grid gap-1">
      {name}
      <input
        className={INPUT}
        type="password"
        autoComplete={fills}
        required
        maxLength={200}
        value={value}
        onChange={(e) => onChange(e.target.value)}
      />
    </label>
  );
}

function NewPassword({ code }: { code: boolean }) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [old, setOld] = useState('');
  const [fresh, setFresh] = useState('');
  const [again, setAgain] = useState('');
  const change = useMutation({
    mutationFn: () => done(api.POST('/api/account/password', { body: { old, fresh } })),
    onSuccess: () => {
      setOld('');
      setFresh('');
      setAgain('');
      void queries.invalidateQueries({ queryKey: ['me'] });
      if (code) {
        void navigate('/');
      }
    },
    retry: false,
  });
  const differs = again !== '' && again !== fresh;
  return (
    <form
      className="grid max-w-md gap-3"
      onSubmit={(e) => {
        e.preventDefault();
        change.mutate();
      }}
    >
      <h2 className="font-serif text-xl font-semibold">Password</h2>
      {!code && <PasswordField name="Your current password" fills="current-password" value={old} onChange={setOld} />}
      <PasswordField
        name="New password, at least 8 characters"
        fills="new-password"
        value={fresh}
        onChange={setFresh}
      />
      <PasswordField name="New password again" fills="new-password" value={again} onChange={setAgain} />
      {differs && (
        <p role="alert" className="text-rust">
          The two passwords differ.
        </p>
      )}
      {change.isError && (
        <p role="alert" className="text-rust">
          {change.error.message}
        </p>
      )}
      {change.isSuccess && <p role="status">Your password is changed. Other devices are signed out.</p>}
      <Button type="submit" look="main" className="w-fit" disabled={change.isPending || differs || again === ''}>
        Change it
      </Button>
    </form>
  );
}
