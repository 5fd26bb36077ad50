import { type ReactNode, useState } from 'react';
import { Link } from 'react-router';
import { Button } from '../../ui/Button';
import { landed } from '../../ui/Landing';
import { NoticePage } from '../../ui/Notice';
import { TopBar } from '../../ui/TopBar';
import { CheckItem } from './CheckItem';
import { CheckResult } from './CheckResult';
import { type Check, type CheckHand, useCheck } from './useCheck';

/** Finds out what is known already: over the whole course, or some skills again after some weeks. */
export default function CheckScreen() {
  const check = useCheck();
  const [hasRun, setHasRun] = useState(false);
  if (check.view.shown?.running !== undefined && !hasRun) {
    setHasRun(true);
  }
  return (
    <div className="flex min-h-screen flex-col">
      <TopBar />
      {check.view.shown === undefined &&
        (check.view.isError ? (
          <NoticePage title="This could not be loaded.">{check.view.error.message}</NoticePage>
        ) : (
          <NoticePage title="Opening the check." />
        ))}
      {check.view.shown !== undefined &&
        (check.view.shown.running === undefined ? (
          <Overview view={check.view.shown} check={check} hasRun={hasRun} />
        ) : (
          <CheckItem key={check.view.shown.running.item.id} running={check.view.shown.running} />
        ))}
    </div>
  );
}

/** @param props.hasRun whether a check has just ended here: the keyboard, which was in its last item, comes along */
function Overview({ view, check, hasRun }: { view: Check; check: CheckHand; hasRun: boolean }) {
  const known = new Set(view.last.filter((s) => s.standing === 'KNOWN').map((s) => s.name));
  const fell = (view.history[0]?.fell ?? []).filter((name) => !known.has(name));
  return (
    <main className="page gap-6">
      <h1 ref={hasRun ? landed : undefined} className="font-serif text-3xl font-bold">
        What do you know already?
      </h1>
      {fell.length > 0 && (
        <p className="rounded-slip border-l-4 border-larch-mark bg-larch-wash p-4">
          {fell.join(', ')} {fell.length === 1 ? 'is' : 'are'} back in practice. That happens to everybody after some
          weeks; a few items bring it back. What you reached stays reached.
        </p>
      )}
      <section className="grid gap-3 md:grid-cols-2">
        <Begin
          title="Over your course"
          text="At most 30 items, and fewer than there are skills. Nothing counts, and you are not told what was right until the end. “This is new to me” is an honest answer, and better than a guess. You can stop and go on later."
        >
          {view.refusal === '' ? (
            <Button
              look={view.last.length === 0 ? 'main' : 'plain'}
              disabled={check.start.isPending}
              onClick={() => check.start.mutate(true)}
            >
              {view.last.length === 0 ? 'Begin the check' : 'Take it again'}
            </Button>
          ) : (
            <p className="text-soft">{view.refusal}</p>
          )}
        </Begin>
        <Begin
          title="A short check"
          text="One item for each skill you reached some weeks ago, up to six, without help. Skills that go wrong go back into practice."
        >
          {view.due.length === 0 ? (
            <p className="text-soft">Nothing is due for a refresh at the moment.</p>
          ) : (
            <>
              <p>Due: {view.due.map((s) => s.name).join(', ')}.</p>
              <Button look="main" disabled={check.start.isPending} onClick={() => check.start.mutate(false)}>
                Begin the short check
              </Button>
            </>
          )}
        </Begin>
      </section>
      {check.start.isError && (
        <p role="alert" className="text-rust">
          {check.start.error.message}
        </p>
      )}
      {view.last.length > 0 && (
        <p className="flex flex-wrap gap-3">
          <Link
            to="/map"
            className="rounded-slip border border-spruce bg-spruce px-4 py-2 font-semibold text-on-spruce no-underline"
          >
            To the map
          </Link>
          <Link to="/due" className="rounded-slip border border-edge bg-leaf px-4 py-2 text-ink no-underline">
            To what is due
          </Link>
        </p>
      )}
      {view.last.length > 0 && <CheckResult skills={view.last} />}
      {view.history.length > 0 && <History view={view} />}
    </main>
  );
}

function Begin({ title, text, children }: { title: string; text: string; children: ReactNode }) {
  return (
    <div className="grid content-start justify-items-start gap-2 rounded-slip border border-rule bg-leaf p-4">
      <h2 className="font-serif text-xl font-semibold">{title}</h2>
      <p>{text}</p>
      {children}
    </div>
  );
}

function History({ view }: { view: Check }) {
  return (
    <section aria-label="Checks so far">
      <h2 className="font-serif text-xl font-semibold">Checks so far</h2>
      <ul className="mt-1 grid gap-1">
        {view.history.map((done) => (
          <li key={done.at}>
            {new Date(done.at).toLocaleDateString('en', { day: 'numeric', month: 'long' })}:{' '}
            {done.wholeCourse ? 'over the course' : 'short check'}, {done.items} items. Showed{' '}
            {done.known.length === 1 ? 'one skill' : `${done.known.length} skills`}
            {done.fell.length > 0 && `; back into practice: ${done.fell.join(', ')}`}.
          </li>
        ))}
      </ul>
    </section>
  );
}
