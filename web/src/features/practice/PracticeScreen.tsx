import { lazy, Suspense, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { Button } from '../../ui/Button';
import { focusFirst, focusPage } from '../../ui/focus';
import { PageTitle } from '../../ui/Landing';
import { LeafSwitch } from '../../ui/LeafSwitch';
import { Mark } from '../../ui/Mark';
import { NoticePage } from '../../ui/Notice';
import { useKeys } from '../../ui/useKeys';
import { figuresOf } from '../working/figures';
import { WorkPage } from '../working/WorkPage';
import { Band } from './Band';
import { ItemPane } from './ItemPane';
import { placeOf } from './useDraft';
import { useActions, usePractice, type View } from './usePractice';
import { Reached } from './Reached';

const KeysDialog = lazy(() => import('./KeysDialog'));

/** Practice of one skill: the ridge line above, the item left, the student's own page right. */
export function PracticeScreen() {
  const { assignmentId = '', skillId = '' } = useParams();
  const view = usePractice({ assignmentId, skillId });
  if (view.shown !== undefined) {
    return <Desk view={view.shown} />;
  }
  if (view.isError) {
    return (
      <NoticePage title="This cannot be opened.">
        {view.error.message} <Link to="/due">Back to what is due</Link>
      </NoticePage>
    );
  }
  return <NoticePage title="Opening your page." />;
}

/** Where one is, until when it is due, and the ways to help. */
function Head({ view, onKeys }: { view: View; onKeys: () => void }) {
  return (
    <header className="flex flex-wrap items-center justify-between gap-x-6 gap-y-1 border-b border-rule px-6 py-1">
      <span className="flex flex-wrap items-center gap-x-6">
        <Mark />
        <span>
          <span className="text-soft">{view.assignment}</span> / <h1 className="inline font-semibold">{view.skill}</h1>
        </span>
      </span>
      <span className="flex items-center gap-4">
        {view.due !== undefined && (
          <span className="text-soft">
            {view.late ? 'was due' : 'due'}{' '}
            {new Date(view.due).toLocaleDateString('en', { weekday: 'long', day: 'numeric', month: 'short' })}
            {view.late && !view.target.reached && ', marked late'}
          </span>
        )}
        <Link to="/entering" className="text-ink">
          Entering answers
        </Link>
        <Button small hint="?" data-keys onClick={onKeys}>
          Keys
        </Button>
      </span>
    </header>
  );
}

function Desk({ view }: { view: View }) {
  const practice = useActions(view);
  const navigate = useNavigate();
  const [keys, setKeys] = useState(false);
  const [table, setTable] = useState(false);
  const [wide, setWide] = useState(false);
  const { next } = view.around;
  useKeys({
    '?': () => setKeys(true),
    t: () => setTable(!table),
    w: focusPage,
    a: () => focusFirst('[data-answer]'),
    k: () => void navigate('/due'),
    g: () =>
      next !== undefined && view.target.reached && void navigate(`/practice/${next.assignmentId}/${next.skillId}`),
  });
  return (
    <div className="flex min-h-screen flex-col">
      <PageTitle>{view.skill}</PageTitle>
      <Head view={view} onKeys={() => setKeys(true)} />
      <Band view={view} table={table} onTable={() => setTable(!table)} />
      {(view.target.reached || view.target.reachedWaiting) && <Reached view={view} />}
      <LeafSwitch names={['Item', 'Your page']} />
      <main
        className={`grid flex-1 snap-x snap-mandatory auto-cols-[100%] grid-flow-col overflow-x-auto md:auto-cols-auto md:grid-flow-row md:overflow-visible ${wide ? 'md:grid-cols-[41fr_59fr]' : 'md:grid-cols-[61fr_39fr]'}`}
      >
        <section aria-label="Item" className="min-w-0 snap-start">
          <ItemPane key={view.item.id} view={view} practice={practice} />
        </section>
        <WorkPage
          key={`work-${view.item.id}`}
          itemId={view.item.id}
          place={placeOf(view.item.id)}
          letters={view.item.letters}
          figures={figuresOf(view.item)}
          required={view.workRequired || view.item.picture}
          draws={view.item.picture}
          wide={{ is: wide, turn: () => setWide(!wide) }}
          checking={
            view.checksOwnLines
              ? { place: { assignmentId: view.assignmentId, skillId: view.skillId }, allowed: view.item.checksLines }
              : undefined
          }
        />
      </main>
      <footer className="flex flex-wrap justify-between gap-x-8 gap-y-1 border-t border-rule px-6 py-2 text-sm text-soft">
        <span className="flex flex-wrap gap-x-7">
          {[...view.policy, view.item.calculator ? 'Calculator allowed' : 'No calculator'].map((line) => (
            <span key={line}>{line}</span>
          ))}
        </span>
        <span>You can leave at any time: everything is kept</span>
      </footer>
      {keys && (
        <Suspense>
          <KeysDialog open={keys} onOpenChange={setKeys} />
        </Suspense>
      )}
    </div>
  );
}
