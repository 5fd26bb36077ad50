import { useEffect, useRef } from 'react';
import type { Schemas } from '../../api/client';
import { plain, TwoWindows } from '../../outbox/TwoWindows';
import { useWords } from '../../outbox/words';
import { Blocks } from '../../ui/Blocks';
import { Button } from '../../ui/Button';
import { RichText } from '../../ui/RichText';
import { useKeys } from '../../ui/useKeys';
import { Listen } from '../narration/Listen';
import { ofBlocks, ofPart } from '../narration/lines';
import { enterChecks, focusAnswer, PartFields } from '../practice/fields/PartFields';
import { textOf } from '../practice/useDraft';
import { RoundCalculator } from './RoundCalculator';
import { useEntries, useFlag } from './useRoundItem';

type Props = {
  assignmentId: string;
  running: Schemas['RunningItem'];
  last: boolean;
  onAnswered: (is: boolean) => void;
  onNext: () => void;
};

/** One item of a running round: to answer, to mark, and nothing that tells. */
export function RoundItem(props: Props) {
  const { assignmentId, running, last, onNext } = props;
  const { item } = running;
  const { value: entries, change, state, twoSides } = useEntries(assignmentId, running, props.onAnswered);
  const { flagged, turn } = useFlag(assignmentId, running);
  const root = useRef<HTMLDivElement>(null);
  useEffect(() => focusAnswer(root.current), []);
  /** Enter goes to the next thing that is still empty here, and then to the next item. */
  const onEnter = (part: number) => {
    const next = item.parts.findIndex(
      (p, i) => i > part && p.fields.some((f) => (entries[i]?.[f.id] ?? '').trim() === ''),
    );
    if (next < 0) {
      onNext();
    } else {
      focusAnswer(root.current?.querySelectorAll<HTMLElement>('[data-quiz-part]')[next] ?? null);
    }
  };
  useKeys({ f: turn });
  const read = [...ofBlocks(item.stem), ...item.parts.flatMap(ofPart)];
  return (
    <div ref={root} className="grid content-start gap-3.5 p-5 md:px-8 md:py-4">
      <p className="flex items-center gap-2 text-soft">
        <span>Item {running.slot + 1}</span>
        <Listen what="the item" lines={read} />
        <label className="ml-auto flex cursor-pointer items-center gap-2 text-ink">
          <input type="checkbox" checked={flagged} onChange={turn} />
          Come back to this <kbd className="rounded border border-current/50 px-1.5 text-xs">F</kbd>
        </label>
      </p>
      <Blocks blocks={item.stem} className="max-w-2xl font-serif text-stem leading-relaxed" />
      {item.parts.map((part, i) => (
        // oxlint-disable-next-line jsx-a11y/no-noninteractive-element-interactions -- Enter goes on
        <section
          key={part.prompt}
          onKeyDown={(event) => enterChecks(event, () => onEnter(i))}
          data-quiz-part
          className="grid gap-3"
          aria-label={item.parts.length > 1 ? `Part ${i + 1}` : 'Your answer'}
        >
          <p className="text-lg">
            <RichText text={part.prompt} />
          </p>
          <PartFields
            part={part}
            entries={entries[i] ?? {}}
            onChange={(id, value) => change(i, id, value)}
            onEnter={() => onEnter(i)}
            takesFocus={i === 0}
          />
        </section>
      ))}
      <TwoWindows sides={twoSides} show={(typed) => plain(textOf(typed))} />
      <div className="flex flex-wrap items-center gap-4">
        <Button look="main" hint="Enter" onClick={onNext}>
          {last ? 'To the end of the round' : 'Next item'}
        </Button>
        <span role="status" className="text-sm text-soft">
          {useWords('answer', state)}
        </span>
      </div>
      {item.calculator && <RoundCalculator data={item.data} />}
    </div>
  );
}
