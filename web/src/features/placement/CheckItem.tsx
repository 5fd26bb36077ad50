import { type ComponentProps, useEffect, useRef, useState } from 'react';
import type { Schemas } from '../../api/client';
import { Blocks } from '../../ui/Blocks';
import { Bar } from '../../ui/Bar';
import { Button } from '../../ui/Button';
import { RichText } from '../../ui/RichText';
import { useKeys } from '../../ui/useKeys';
import { enterChecks, focusAnswer, PartFields } from '../practice/fields/PartFields';
import { Stuck } from '../../outbox/Stuck';
import { plain, TwoWindows } from '../../outbox/TwoWindows';
import { placeOf, textOf, useDraft } from '../practice/useDraft';
import { figuresOf } from '../working/figures';
import { RoundCalculator } from '../quiz/RoundCalculator';
import { WorkPage } from '../working/WorkPage';
import { useCheck } from './useCheck';

/** One item of a check: an answer, or "this is new to me", and on. */
export function CheckItem({ running }: { running: Schemas['RunningCheck'] }) {
  const { item } = running;
  const check = useCheck(item.id);
  const {
    entries,
    type: change,
    twoSides,
  } = useDraft(
    ['check'],
    item.id,
    item.parts.map((part) => part.entries),
    item.draftTag,
  );
  const root = useRef<HTMLElement>(null);
  useEffect(() => focusAnswer(root.current, { preventScroll: true }), []);
  const send = (isNew: boolean) => !check.answer.isPending && check.answer.mutate({ itemId: item.id, isNew, entries });
  const [asking, setAsking] = useState(false);
  useKeys({
    n: () => (asking ? send(true) : setAsking(true)),
    w: () => document.querySelector<HTMLElement>('[data-line]')?.focus(),
  });
  return (
    <main className="grid flex-1 md:grid-cols-[61fr_39fr]">
      <section ref={root} aria-label="Item" className="grid min-w-0 content-start gap-3.5 p-5 md:px-8 md:py-4">
        <HowFar running={running} />
        <Blocks blocks={item.stem} className="max-w-2xl font-serif text-stem leading-relaxed" />
        {item.parts.map((part, i) => (
          <CheckPart
            key={part.prompt}
            name={item.parts.length > 1 ? `Part ${i + 1}` : 'Your answer'}
            part={part}
            entries={entries[i] ?? {}}
            onChange={(id, value) => change(i, id, value)}
            onEnter={() => send(false)}
            takesFocus={i === 0}
          />
        ))}
        <TwoWindows sides={twoSides} show={(typed) => plain(textOf(typed))} />
        <Stuck what="Your answer" done={check.answer} />
        {check.answer.isError && (
          <p role="alert" className="text-rust">
            {check.answer.error.message}
          </p>
        )}
        <div className="flex flex-wrap gap-3">
          <Button look="main" hint="Enter" disabled={check.answer.isPending} onClick={() => send(false)}>
            This is my answer
          </Button>
          <Button hint="N" disabled={check.answer.isPending} onClick={() => send(true)}>
            This is new to me
          </Button>
        </div>
        {asking && (
          <p role="status" className="rounded-slip bg-glacier-wash px-3 py-2">
            New to you? Press N once more, and the check goes on without this item.
          </p>
        )}
        {item.calculator && <RoundCalculator data={item.data} />}
        <p className="text-sm text-soft">
          {running.wholeCourse
            ? 'Nothing counts here.'
            : 'Skills that go wrong here go back into practice; targets that you reached stay reached.'}{' '}
          You can leave at any time and go on later.
        </p>
      </section>
      <WorkPage
        key={`work-${item.id}`}
        itemId={item.id}
        place={placeOf(item.id)}
        letters={item.letters}
        figures={figuresOf(item)}
        required={false}
      />
    </main>
  );
}

function HowFar({ running }: { running: Schemas['RunningCheck'] }) {
  return (
    <p className="flex items-center gap-4 text-soft">
      {running.wholeCourse
        ? `Item ${running.answered + 1} of at most ${running.most}`
        : `Item ${running.answered + 1} of ${running.most}`}
      <Bar label="How far the check is" width="w-40" max={running.most} value={running.answered} />
    </p>
  );
}

type PartProps = ComponentProps<typeof PartFields> & { name: string };

function CheckPart({ name, ...fields }: PartProps) {
  return (
    // oxlint-disable-next-line jsx-a11y/no-noninteractive-element-interactions -- Enter answers
    <section onKeyDown={(event) => enterChecks(event, fields.onEnter)} className="grid gap-3" aria-label={name}>
      <p className="text-lg">
        <RichText text={fields.part.prompt} />
      </p>
      <PartFields {...fields} />
    </section>
  );
}
