import { type ReactNode, useRef } from 'react';
import { Link } from 'react-router';
import { Stuck } from '../../outbox/Stuck';
import { plain, TwoWindows } from '../../outbox/TwoWindows';
import { useWords } from '../../outbox/words';
import { Blocks } from '../../ui/Blocks';
import { Button } from '../../ui/Button';
import { RichText } from '../../ui/RichText';
import { VerdictMark } from '../../ui/VerdictMark';
import { Told } from '../practice/Told';
import { enterChecks, PartFields } from '../practice/fields/PartFields';
import { ClosedPart } from '../practice/PartBlock';
import { textOf, useDraft } from '../practice/useDraft';
import { MarkLines, type Marking } from './MarkLines';
import { type Copy, type CopyHand, nameOfCopy, type Place, useOnPaper } from './useCopy';

type Props = { copy: Copy; at: number; hand: CopyHand; marking?: Marking | 'shown' | 'sum' };

const TRIALS: Record<Place['trial'], string> = {
  OPEN: 'not tried yet',
  RIGHT: 'typed in and right',
  MISSED: 'typed in, not right',
  ON_PAPER: 'done on paper',
};

/** One item of a sheet: to type the answer in, or, once the solutions are open, to mark. */
export function CopyItem({ copy, at, hand, marking = 'shown' }: Props) {
  const place = copy.places[at];
  return place === undefined ? null : (
    <Frame place={place} at={at}>
      {place.takesAnswer ? <Answer place={place} at={at} code={copy.code} hand={hand} /> : <Shown place={place} />}
      {place.lines.length > 0 && <MarkLines lines={place.lines} at={at} marking={marking} />}
      <p className="text-sm">
        <Link to={`/book/${place.item.id}`}>Lay your work beside it</Link>
        <span className="text-soft">: a photo of the paper, lines or a drawing.</span>
      </p>
    </Frame>
  );
}

/** The number of an item, how it was tried, and what is asked. */
export function Frame({ place, at, children }: { place: Place; at: number; children: ReactNode }) {
  return (
    <article
      aria-label={`Item ${at + 1}`}
      data-trial={place.trial}
      className="grid min-w-0 grid-cols-[minmax(0,1fr)] gap-3 rounded-slip border border-rule bg-leaf p-4"
    >
      <h2 className="flex flex-wrap items-center gap-x-3 font-semibold">
        {place.trial === 'RIGHT' && <VerdictMark verdict="correct" />}
        {place.trial === 'MISSED' && <VerdictMark verdict="incorrect" />}
        Item {at + 1}
        <span className="font-normal text-soft">{TRIALS[place.trial]}</span>
      </h2>
      <Blocks blocks={place.item.stem} className="max-w-2xl font-serif text-stem leading-snug" />
      {children}
    </article>
  );
}

/** What was typed in, where anything was; else the questions alone. */
export function Shown({ place }: { place: Place }) {
  return place.item.parts.map((part) =>
    Object.keys(part.entries).length > 0 ? (
      <ClosedPart key={part.prompt} part={part} />
    ) : (
      <p key={part.prompt} className="text-lg">
        <RichText text={part.prompt} />
      </p>
    ),
  );
}

function Answer({ place, at, code, hand }: { place: Place; at: number; code: string; hand: CopyHand }) {
  const { item } = place;
  const draft = useDraft(nameOfCopy(code), item.id, item.draft, item.draftTag);
  const root = useRef<HTMLDivElement>(null);
  const mine = hand.answer.variables?.place === at;
  const check = () => hand.answer.mutate({ place: at, entries: draft.entries });
  const onPaper = useOnPaper(code, at, place);
  const words = useWords('answer', draft.state);
  const empty = draft.entries.every((part) => Object.values(part).every((text) => text.trim() === ''));
  return (
    <div ref={root} className="grid gap-3">
      {item.parts.map((part, i) => {
        const entries = draft.entries[i] ?? {};
        const judged = part.fields.every((f) => (part.entries[f.id] ?? '') === (entries[f.id] ?? ''));
        return (
          // oxlint-disable-next-line jsx-a11y/no-noninteractive-element-interactions -- Enter checks
          <section
            key={part.prompt}
            className="grid gap-2"
            aria-label={`Your answer to item ${at + 1}${item.parts.length > 1 ? `, part ${i + 1}` : ''}`}
            onKeyDown={(e) => enterChecks(e, check)}
          >
            <p className="text-lg">
              <RichText text={part.prompt} />
            </p>
            <PartFields
              part={part}
              entries={entries}
              onChange={(id, value) => draft.type(i, id, value)}
              onEnter={check}
            />
            <div aria-live="polite" className="grid gap-2">
              {judged && <Told part={part} said={part.feedback} />}
            </div>
          </section>
        );
      })}
      <TwoWindows sides={draft.twoSides} show={(typed) => plain(textOf(typed))} />
      <div className="flex flex-wrap items-center gap-x-5 gap-y-2">
        <Button hint="Enter" disabled={empty || hand.answer.isPending} onClick={check}>
          Check
        </Button>
        {place.trial !== 'MISSED' && (
          <label className="flex items-center gap-2">
            <input type="checkbox" checked={onPaper.done} onChange={onPaper.turn} />
            Done on paper
          </label>
        )}
        <span role="status" className="text-sm text-soft">
          {empty ? '' : words}
        </span>
      </div>
      {mine && <Stuck what="Your answer" done={hand.answer} />}
    </div>
  );
}
