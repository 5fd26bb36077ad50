import { type FormEvent, useState } from 'react';
import { Navigate, useLocation } from 'react-router';
import { Button } from '../../ui/Button';
import { SetUpForm } from './SetUpForm';
import { useMe, useSignIn } from './useSession';

function cameFrom(state: unknown): string {
  return typeof state === 'object' && state !== null && 'from' in state && typeof state.from === 'string'
    ? state.from
    : '/';
}

/** The cover of the field book, with the door on it. */
export function SignInScreen() {
  const me = useMe();
  const location = useLocation();
  if (me.data?.signedIn === true) {
    return <Navigate to={cameFrom(location.state)} replace />;
  }
  return (
    <div className="grid min-h-screen md:grid-cols-[1fr_26rem]">
      <Cover />
      <main className="flex items-center border-l border-rule bg-leaf p-8">
        {me.data?.setUp === true ? <SetUpForm /> : <SignInForm />}
      </main>
    </div>
  );
}

/** Contour lines around a small summit. */
function Cover() {
  const rings = [36, 62, 92, 126, 164, 206];
  return (
    <header className="relative hidden overflow-hidden bg-paper md:block">
      <svg
        viewBox="0 0 800 700"
        className="absolute inset-x-0 top-24 h-full w-full"
        preserveAspectRatio="xMidYMid slice"
        aria-hidden="true"
      >
        {rings.map((r, i) => (
          <ellipse
            key={r}
            cx={430 - r * 0.12}
            cy={360 + r * 0.06}
            rx={r * 1.55}
            ry={r * (0.98 + 0.02 * (i % 3))}
            transform={`rotate(${-8 - i * 1.5} 430 360)`}
            fill="none"
            stroke="var(--color-edge)"
            strokeOpacity={0.75 - i * 0.07}
            strokeWidth={i % 4 === 0 ? 2 : 1}
          />
        ))}
        <path
          d="M60 640 200 560 300 580 380 470 430 360"
          fill="none"
          stroke="var(--color-spruce)"
          strokeWidth="4"
          strokeLinejoin="round"
        />
        {[
          [60, 640],
          [200, 560],
          [300, 580],
          [380, 470],
        ].map(([x = 0, y = 0]) => (
          <path key={x} d={`M${x} ${y - 11}l10 18h-20Z`} fill="var(--color-spruce)" />
        ))}
        <path
          d="M430 360v-54l34 13-34 13"
          fill="var(--color-larch-mark)"
          stroke="var(--color-larch-mark)"
          strokeWidth="3"
          strokeLinejoin="round"
        />
      </svg>
      <div className="relative p-10">
        <h1 className="font-serif text-5xl font-bold">Little Summit</h1>
        <p className="mt-3 max-w-sm text-lg text-soft">
          Mathematics, one ridge at a time. Your work stands beside the item, and every line of it is kept.
        </p>
      </div>
    </header>
  );
}

const INPUT = 'mt-1 block w-full rounded-slip border border-edge bg-leaf px-3 py-2 text-lg';

function SignInForm() {
  const signIn = useSignIn();
  const [username, setUsername] = useState('');
  const [password, setPassword] = useState('');
  const submit = (event: FormEvent) => {
    event.preventDefault();
    signIn.mutate({ username, password });
  };
  return (
    <form onSubmit={submit} className="w-full rounded-slip bg-leaf p-2">
      <h2 className="font-serif text-2xl font-semibold">Open your field book</h2>
      <label className="mt-6 block">
        Name
        <input
          className={INPUT}
          value={username}
          onChange={(e) => setUsername(e.target.value)}
          autoComplete="username"
          autoCapitalize="none"
          required
          maxLength={40}
        />
      </label>
      <label className="mt-4 block">
        Password
        <input
          className={INPUT}
          type="password"
          value={password}
          onChange={(e) => setPassword(e.target.value)}
          autoComplete="current-password"
          required
          maxLength={200}
        />
      </label>
      <p role="alert" className="mt-3 min-h-6 text-rust">
        {signIn.isError ? signIn.error.message : ''}
      </p>
      <Button look="main" type="submit" className="mt-1" disabled={signIn.isPending}>
        Sign in
      </Button>
      <p className="mt-6 border-t border-rule pt-4 text-sm text-soft">
        First time here? Your code goes where the password does. Forgotten, or locked out? Your instructor makes you a
        new code.
      </p>
    </form>
  );
}
