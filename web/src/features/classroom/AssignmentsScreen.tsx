import { type ReactNode, useEffect, useRef, useState } from 'react';
import { Button } from '../../ui/Button';
import { INPUT, Labelled } from '../../ui/Labelled';
import { landed } from '../../ui/Landing';
import { Notice } from '../../ui/Notice';
import { TopBar } from '../../ui/TopBar';
import { AssignmentItem } from './AssignmentItem';
import { Builder } from './Builder';
import { type Group as Assignments, groups } from './groups';
import { type AssignmentRow, useAssignments } from './useClass';
import { firstWish, type Wish, wishOf } from './wish';

/** What is set for the class, and setting more. */
export default function AssignmentsScreen() {
  const [wish, setWish] = useState<Wish | null>(null);
  const [hasLeft, setHasLeft] = useState(false);
  const [words, setWords] = useState('');
  const [withPast, setWithPast] = useState(false);
  const hand = useAssignments(withPast || words !== '');
  const rows = hand.rows;
  const open = (first: Wish) => {
    hand.add.reset();
    setHasLeft(false);
    setWish(first);
  };
  const leave = () => {
    setHasLeft(true);
    setWish(null);
  };
  return (
    <div className="min-h-screen">
      <TopBar />
      <main className="page gap-6">
        <header className="flex flex-wrap items-end justify-between gap-4">
          <h1 className="font-serif text-3xl font-bold">Assignments</h1>
          {wish === null && (
            <span className="flex flex-wrap items-end gap-4">
              <Labelled name="Find by title or skill">
                <input type="search" className={INPUT} value={words} onChange={(e) => setWords(e.target.value)} />
              </Labelled>
              <Button ref={hasLeft ? landed : undefined} look="main" onClick={() => open(firstWish(new Date()))}>
                Set a new one
              </Button>
            </span>
          )}
        </header>
        {wish !== null && (
          <InView key={wish.title}>
            <Builder first={wish} hand={hand} onSet={() => setWish(null)} onLeave={leave} />
          </InView>
        )}
        {hand.add.isSuccess && wish === null && (
          <p role="status" ref={landed}>
            It is set. Students find it under what is due.
          </p>
        )}
        {hand.first.isPending && <Notice title="Looking up the assignments." />}
        {hand.first.isError && <Notice title="This could not be loaded.">{hand.first.error.message}</Notice>}
        {rows !== undefined && rows.past + rows.all.length + rows.withdrawn.length === 0 && wish === null && (
          <Notice title="Nothing is set yet.">Set a first assignment: skills, a target and a date.</Notice>
        )}
        {rows !== undefined &&
          groups(rows, words).map((group) => (
            <Group
              key={group.name}
              group={group}
              onOpen={() => setWithPast(true)}
              onCopy={(row) => open(wishOf(row, new Date()))}
              hand={hand}
            />
          ))}
        {hand.all.isError && <Notice title="Past assignments could not be loaded.">{hand.all.error.message}</Notice>}
      </main>
    </div>
  );
}

/** What was asked for from further down the page comes to be seen, with the keyboard in it. */
function InView({ children }: { children: ReactNode }) {
  const place = useRef<HTMLDivElement>(null);
  useEffect(() => {
    place.current?.scrollIntoView({ block: 'start' });
    place.current?.querySelector<HTMLElement>('input')?.focus({ preventScroll: true });
  }, []);
  return <div ref={place}>{children}</div>;
}

type GroupProps = {
  group: Assignments;
  /** Asks for those that are not there yet. */
  onOpen: () => void;
  onCopy: (row: AssignmentRow) => void;
  hand: ReturnType<typeof useAssignments>;
};

function Group({ group: { name, of, count, more }, onOpen, onCopy, hand }: GroupProps) {
  const list = (
    <ul className="mt-2 grid gap-2">
      {of.map((a) => (
        <AssignmentItem key={a.id} row={a} hand={hand} withdrawn={name === 'Withdrawn'} onCopy={() => onCopy(a)} />
      ))}
    </ul>
  );
  const head = `${name}: ${count}`;
  return more ? (
    <details onToggle={(e) => e.currentTarget.open && of.length < count && onOpen()}>
      <summary className="cursor-pointer font-serif text-xl font-semibold">{head}</summary>
      {of.length < count ? <Notice title="Looking up the past assignments." /> : list}
    </details>
  ) : (
    <section aria-label={name}>
      <h2 className="font-serif text-xl font-semibold">{head}</h2>
      {list}
    </section>
  );
}
