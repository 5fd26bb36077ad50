import { Notice } from '../../ui/Notice';
import { TopBar } from '../../ui/TopBar';
import type { Schemas } from '../../api/client';
import { FirstSteps } from './FirstSteps';
import { Row } from './Row';
import { useCheck, useDue } from './useDue';
import { type Assignment, nextOf, sorted } from './words';

/** What is due, late work first, each with one action that goes on where the student left. */
export function DueScreen() {
  const due = useDue();
  const check = useCheck();
  // The slip about the check stands above the list: it comes with it, so that no row moves away under a finger.
  const slipToCome = check.isLoading && check.failureCount === 0;
  return (
    <div className="flex min-h-screen flex-col">
      <TopBar />
      <main className="page content-start">
        {(due.isPending || (due.isSuccess && slipToCome)) && <Notice title="Looking up what is due." />}
        {due.isError && <Notice title="This could not be loaded.">{due.error.message}</Notice>}
        {due.isSuccess && !slipToCome && <Lists due={due.data} check={check.data} />}
      </main>
    </div>
  );
}

function Lists({ due, check }: { due: Schemas['Due']; check: Schemas['CheckView'] | undefined }) {
  const now = new Date(due.now);
  const sections = sorted(due.assignments);
  const next = nextOf(sections);
  if (due.assignments.length === 0) {
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
      <FirstSteps started={due.assignments.some((a) => a.started)} check={check} />
      {sections.map(
        (section) => section.rows.length > 0 && <Section key={section.title} {...section} now={now} next={next} />,
      )}
    </>
  );
}

function Section({
  title,
  rows,
  folded,
  now,
  next,
}: {
  title: string;
  rows: Assignment[];
  folded: boolean;
  now: Date;
  next: string;
}) {
  const list = (
    <ul className="mt-1 mb-5 border-t border-rule">
      {rows.map((a) => (
        <Row key={a.id} assignment={a} now={now} isNext={a.id === next} />
      ))}
    </ul>
  );
  const open = rows.filter((a) => !a.finished).length;
  return folded ? (
    <details>
      <summary className="cursor-pointer font-serif text-xl font-semibold">
        {title} ({rows.length})
      </summary>
      {list}
    </details>
  ) : (
    <section aria-label={title}>
      <h2 className="flex items-baseline gap-4 font-serif text-xl font-semibold">
        {title}
        <span className="font-sans text-sm font-normal text-soft">
          {open === 0 ? 'everything here is finished' : `${open} to finish`}
        </span>
      </h2>
      {list}
    </section>
  );
}
