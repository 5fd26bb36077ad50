import { useState } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { outbox } from '../../outbox';
import { Stuck } from '../../outbox/Stuck';
import { useOutbox } from '../../outbox/useOutbox';
import { Button } from '../../ui/Button';
import { landed, PageTitle } from '../../ui/Landing';
import { LeafSwitch } from '../../ui/LeafSwitch';
import { Mark } from '../../ui/Mark';
import { useKeys } from '../../ui/useKeys';
import { figuresOf } from '../working/figures';
import { WorkPage } from '../working/WorkPage';
import { Clock } from './Clock';
import { Overview } from './Overview';
import { RoundItem } from './RoundItem';
import { answeredNow, flaggedNow } from './useRoundItem';
import { placeOf, type Quiz, type QuizHand, type Running } from './useQuiz';

/** Where one was in the round, also after loading the page again. */
function seatOf(seat: string, items: number): number {
  const at = Number(outbox.jottings.read(seat));
  return Number.isInteger(at) && at > 0 && at < items ? at : 0;
}

type Props = { view: Quiz; running: Running; quiz: QuizHand };

/** A round that is running: one item at a time in any order, the work page beside it, an overview above. */
export default function RoundDesk({ view, running, quiz }: Props) {
  const seat = `at/${view.assignmentId}/${running.number}`;
  const [at, setAt] = useState(() => seatOf(seat, running.items.length));
  /** Answers and flags that wait are shown as they are, before the server has them. */
  useOutbox();
  const [wide, setWide] = useState(false);
  const [ending, setEnding] = useState(false);
  const [typed, setTyped] = useState<Record<number, boolean>>({});
  const current = running.items[at];
  const go = (to: number) => {
    const next = Math.max(0, Math.min(running.items.length - 1, to));
    setAt(next);
    outbox.jottings.write(seat, String(next));
    void quiz.refresh();
  };
  useKeys({
    n: () => go(at + 1),
    p: () => go(at - 1),
    w: () => document.querySelector<HTMLElement>('[data-line]')?.focus(),
    a: () => document.querySelector<HTMLElement>('[data-answer]')?.focus(),
  });
  const answered = (item: Schemas['RunningItem']) => typed[item.slot] ?? answeredNow(item);
  return (
    <div className="flex min-h-screen flex-col">
      <PageTitle>{`${view.assignment}, round ${running.number}`}</PageTitle>
      <header className="flex flex-wrap items-center justify-between gap-x-6 gap-y-1 border-b border-rule px-6 py-1.5">
        <span className="flex items-center gap-5">
          <Mark />
          <h1 className="font-semibold">
            {view.assignment}, round {running.number}
          </h1>
        </span>
        <Clock secondsLeft={running.secondsLeft} seconds={running.seconds} onOver={() => void quiz.refresh()} />
        <Button onClick={() => setEnding(true)}>Hand in the round</Button>
      </header>
      <Overview items={running.items} at={at} answered={answered} onGo={go} />
      {ending && (
        <End view={view} running={running} quiz={quiz} answered={answered} onGo={go} onClose={() => setEnding(false)} />
      )}
      <LeafSwitch names={['Item', 'Your page']} />
      {current !== undefined && (
        <main
          className={`grid flex-1 snap-x snap-mandatory auto-cols-[100%] grid-flow-col overflow-x-auto md:auto-cols-auto md:grid-flow-row md:overflow-visible ${wide ? 'md:grid-cols-[41fr_59fr]' : 'md:grid-cols-[61fr_39fr]'}`}
        >
          <section aria-label="Item" className="min-w-0 snap-start">
            <RoundItem
              key={current.item.id}
              assignmentId={view.assignmentId}
              running={current}
              last={at === running.items.length - 1}
              onAnswered={(is) => setTyped({ ...typed, [current.slot]: is })}
              onNext={() => (at === running.items.length - 1 ? setEnding(true) : go(at + 1))}
            />
          </section>
          <WorkPage
            key={`work-${current.item.id}`}
            itemId={current.item.id}
            place={placeOf(view.assignmentId)}
            letters={current.item.letters}
            figures={figuresOf(current.item)}
            required={false}
            wide={{ is: wide, turn: () => setWide(!wide) }}
          />
        </main>
      )}
      <footer className="flex flex-wrap justify-between gap-x-8 border-t border-rule px-6 py-2 text-sm text-soft">
        <span>
          {current?.item.calculator === true ? 'Calculator allowed' : 'No calculator'} · N next, P back, W work, A
          answer
        </span>
        <span>
          Everything is saved as you go. If you <Link to="/due">leave</Link>, the time runs on
        </span>
      </footer>
    </div>
  );
}

type EndProps = Props & {
  answered: (item: Schemas['RunningItem']) => boolean;
  onGo: (to: number) => void;
  onClose: () => void;
};

/** Before the round is handed in: what is still empty, and the way to it. */
function End({ view, running, quiz, answered, onGo, onClose }: EndProps) {
  const empty = running.items.filter((i) => !answered(i));
  const unworked = running.items.filter((i) => !i.worked);
  const flagged = running.items.filter(flaggedNow);
  const wantsWork = view.workRequired;
  const lists: [string, Schemas['RunningItem'][]][] = [
    ['Something is still empty in', empty],
    ['Marked to come back to:', flagged],
    ['Your page is empty for', wantsWork ? unworked : []],
  ];
  return (
    <section aria-label="Hand in the round" className="grid gap-2 border-b border-rule bg-larch-wash px-6 py-3">
      <h2 ref={landed} className="font-semibold">
        Hand in the round?
      </h2>
      {lists
        .filter(([, items]) => items.length > 0)
        .map(([words, items]) => (
          <p key={words} className="flex flex-wrap items-center gap-2">
            {words}
            {items.map((i) => (
              <Button key={i.slot} small onClick={() => onGo(i.slot)}>
                item {i.slot + 1}
              </Button>
            ))}
          </p>
        ))}
      {lists.every(([, items]) => items.length === 0) && (
        <p>Everything is answered{wantsWork && ' and work is shown for every item'}.</p>
      )}
      <span className="flex gap-2">
        <Button look="main" disabled={quiz.submit.isPending} onClick={() => quiz.submit.mutate(running.number)}>
          Hand in now
        </Button>
        <Button onClick={onClose}>Go on working</Button>
      </span>
      <Stuck what="The round" done={quiz.submit} />
      {quiz.submit.isError && (
        <p role="alert" className="text-rust">
          {quiz.submit.error.message}
        </p>
      )}
    </section>
  );
}
