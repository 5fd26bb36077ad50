import { useState } from 'react';
import { Button } from '../../ui/Button';
import { Notice } from '../../ui/Notice';
import { TopBar } from '../../ui/TopBar';
import type { Schemas } from '../../api/client';
import { FirstSteps } from './FirstSteps';
import { Row } from './Row';
import { useCheck, useDue } from './useDue';
import { nextOf, type Section, sorted } from './words';

/** What is due, late work first, each with one action that goes on where the student left. */
export function DueScreen() {
  const [all, setAll] = useState(false);
  const hand = useDue(all);
  const due = hand.first;
  const check = useCheck();
  // The slip about the check stands above the list: it comes with it, so that no row moves away under a finger.
  const slipToCome = check.isLoading && check.failureCount === 0;
  return (
    <div className="flex min-h-screen flex-col">
      <TopBar />
      <main className="page content-start">
        {(due.isPending || (due.isSuccess && slipToCome)) && <Notice title="Looking up what is due." />}
        {due.isError && <Notice title="This could not be loaded.">{due.error.message}</Notice>}
        {due.isSuccess && !slipToCome && (
          <Lists due={hand.data ?? due.data} check={check.data} onAll={() => setAll(true)} />
        )}
        {hand.all.isError && <Notice title="Earlier work could not be loaded.">{hand.all.error.message}</Notice>}
      </main>
    </div>
  );
}

/** @param props.onAll asks also for what was not sent at first */
function Lists({
  due,
  check,
  onAll,
}: {
  due: Schemas['Due'];
  check: Schemas['CheckView'] | undefined;
  onAll: () => void;
}) {
  const now = new Date(due.now);
  const sections = sorted(due);
  const next = nextOf(sections);
  if (sections.every((section) => section.of === 0)) {
    return (
      <>
        <h1 className="sr-only">What is due</h1>
        <FirstSteps started={false} check={check} />
        <Notice title="Nothing is assigned yet.">
          When your instructor sets work, it stands here. Until then you can choose any skill on the map.
        </Notice>
      </>
    );
  }
  return (
    <>
      <h1 className="sr-only">What is due</h1>
      <FirstSteps started={due.finished > 0 || due.assignments.some((a) => a.started)} check={check} />
      {sections.map(
        (section) =>
          section.of > 0 && <Group key={section.title} section={section} now={now} next={next} onAll={onAll} />,
      )}
    </>
  );
}

function Group({
  section: { title, rows, of, folded },
  now,
  next,
  onAll,
}: {
  section: Section;
  now: Date;
  next: string;
  onAll: () => void;
}) {
  const list = (
    <ul className="mt-1 mb-5 border-t border-rule">
      {rows.map((a) => (
        <Row key={a.id} assignment={a} now={now} isNext={a.id === next} />
      ))}
    </ul>
  );
  const more = of - rows.length;
  const open = rows.filter((a) => !a.finished).length + (folded ? 0 : more);
  return folded ? (
    <details onToggle={(e) => e.currentTarget.open && more > 0 && onAll()}>
      <summary className="cursor-pointer font-serif text-xl font-semibold">
        {title} ({of})
      </summary>
      {more > 0 ? <Notice title="Looking up what is finished." /> : list}
    </details>
  ) : (
    <section aria-label={title}>
      <h2 className="flex items-baseline gap-4 font-serif text-xl font-semibold">
        {title}
        <span className="font-sans text-sm font-normal text-soft">
          {open === 0 ? 'everything here is finished' : `${open} to finish`}
        </span>
      </h2>
      {more > 0 && (
        <Button look="quiet" className="mt-1" onClick={onAll}>
          Show {more} earlier
        </Button>
      )}
      {list}
    </section>
  );
}
