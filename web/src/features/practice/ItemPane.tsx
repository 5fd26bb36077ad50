import { Fragment, type ReactNode, useState } from 'react';
import { Link } from 'react-router';
import { useAnnounce } from '../../ui/announce';
import { Blocks } from '../../ui/Blocks';
import { useKeys } from '../../ui/useKeys';
import { Listen } from '../narration/Listen';
import { ofBlocks, ofPart } from '../narration/lines';
import { useNarrate } from '../narration/NarratorContext';
import { Ending, type WayOn } from './Ending';
import { Help } from './Help';
import { OpenPart } from './OpenPart';
import { ClosedPart } from './PartBlock';
import { ShowWork } from './ShowWork';
import { Example, Solution } from './Slips';
import { Stuck } from '../../outbox/Stuck';
import { plain, TwoWindows } from '../../outbox/TwoWindows';
import { textOf, useDraft } from './useDraft';
import { Overtaken } from './Overtaken';
import { nameOf, type Practice, type View } from './usePractice';

/** The left side: the item, its fields, its help. One instance an item. */
export function ItemPane({ view, practice, wayOn }: { view: View; practice: Practice; wayOn?: WayOn }) {
  const { item } = view;
  const draft = useDraft(nameOf(view), item.id, item.draft, item.draftTag);
  const entries = draft.entries[item.currentPart] ?? {};
  const open = item.outcome === undefined;
  /** Whether the example was open when one came to the item. */
  const [hadExample] = useState(item.example !== undefined);
  const part = item.parts[item.currentPart];
  const result = practice.check.data;
  const mine =
    result !== undefined && result.view.item.id === item.id && result.view.item.currentPart === item.currentPart
      ? result
      : undefined;
  const [judged, setJudged] = useState<Record<string, string>>({});
  const fresh = JSON.stringify(judged) === JSON.stringify(entries);

  const check = (confirmed: boolean) => {
    if (part !== undefined && !practice.check.isPending) {
      setJudged(entries);
      const own = Object.fromEntries(part.fields.map((f) => [f.id, entries[f.id] ?? '']));
      practice.check.mutate({ part: item.currentPart, entries: own, confirmed });
    }
  };

  useAnnounce(open ? (item.currentPart > 0 ? `On to part ${item.currentPart + 1}` : '') : closing(view));
  useAnnounce(item.example !== undefined && open ? 'The worked example is open, below.' : '');
  const narrate = useNarrate();
  const read = [...ofBlocks(item.stem), ...(part === undefined || !open ? [] : ofPart(part))];
  useKeys({ r: () => narrate({ title: 'the item', lines: read }) });
  return (
    <div className="grid content-start gap-3.5 p-5 md:px-8 md:py-4">
      <p className="flex items-center gap-2 text-soft">
        {heading(view)}
        <Listen what="the item" lines={read} />
      </p>
      <Overtaken refused={practice.refused} itemId={item.id} />
      {!item.similar && view.history.length === 0 && <Before around={view.around} />}
      <Beside stem={item.stem}>
        {item.parts.map((p, i) =>
          i === item.currentPart && open ? (
            <OpenPart
              key={p.prompt}
              part={p}
              entries={entries}
              unread={fresh && mine !== undefined ? mine.unread : []}
              repeated={fresh && mine?.repeated === true}
              conflict={fresh ? mine?.conflict : undefined}
              busy={practice.check.isPending}
              isFirst={i === 0}
              onChange={(fieldId, value) => draft.type(i, fieldId, value)}
              onCheck={check}
            />
          ) : (
            <ClosedPart key={p.prompt} part={p} />
          ),
        )}
      </Beside>
      {practice.check.isError && fresh && practice.refused?.itemId === item.id && (
        <p role="alert" className="max-w-2xl text-rust">
          {practice.check.error.message}
        </p>
      )}
      <Stuck what="Your answer" done={practice.check} />
      <TwoWindows sides={draft.twoSides} show={(typed) => plain(textOf(typed))} />
      {item.needsWork && <ShowWork practice={practice} picture={item.picture} />}
      {!open && <Ending view={view} practice={practice} wayOn={wayOn} />}
      <Help view={view} practice={practice} />
      {item.example !== undefined && <Example example={item.example} asked={!hadExample} />}
      {item.solution !== undefined && <Solution solution={item.solution} />}
    </div>
  );
}

/**
 * A tall picture stands beside what is asked about it, so that both are seen at once; everything else below one
 * another.
 */
function Beside({ stem, children }: { stem: View['item']['stem']; children: ReactNode }) {
  const tall = stem.filter((block) => block.kind === 'Picture' && block.scene.plot !== undefined);
  const rest = stem.filter((block) => !tall.includes(block));
  const words = <Blocks blocks={rest} className="max-w-2xl font-serif text-stem leading-snug" />;
  return tall.length === 0 ? (
    <>
      {words}
      {children}
    </>
  ) : (
    <>
      {words}
      <div className="grid items-start gap-x-6 gap-y-3 xl:grid-cols-[26.5rem_1fr]">
        <Blocks blocks={tall} className="min-w-0" />
        <div className="grid min-w-0 gap-3">{children}</div>
      </div>
    </>
  );
}

const OUTCOMES: Record<string, string> = {
  UNAIDED_FIRST: 'right',
  UNAIDED_LATER: 'right on a later try',
  AIDED: 'right with a hint',
  MISSED: 'missed',
};

/** How the item ended and what it did, for those who listen. */
function closing({ item, history, target }: View): string {
  const last = history.at(-1);
  const change =
    last === undefined || last.change === 0
      ? 'No change'
      : last.change > 0
        ? `Up ${last.change}`
        : `Down ${-last.change}`;
  return item.outcome === undefined
    ? ''
    : [
        item.toRead && item.outcome !== 'MISSED'
          ? 'The item is handed in'
          : `The item is done, ${OUTCOMES[item.outcome] ?? ''}`,
        last === undefined ? '' : change,
        target.reached ? 'and the target is reached' : '',
      ]
        .filter((t) => t !== '')
        .join(', ');
}

/** What comes before this skill, said once at the start. */
function Before({ around }: { around: View['around'] }) {
  if (around.missing.length === 0 && around.lesson === undefined) {
    return null;
  }
  return (
    <p className="max-w-2xl rounded-slip bg-glacier-wash px-4 py-2 text-[0.95rem]">
      {around.missing.length > 0 && (
        <>
          This builds on{' '}
          {around.missing.map((m, i) => (
            <Fragment key={m.skillId}>
              {i > 0 && ' and '}
              <Link to={`/practice/${m.assignmentId}/${m.skillId}`}>{m.name.toLowerCase()}</Link>
            </Fragment>
          ))}
          , which you do not know yet.{' '}
        </>
      )}
      {around.lesson !== undefined && (
        <>
          New to you?{' '}
          <Link to={`/practice/${around.lesson.assignmentId}/${around.lesson.skillId}`}>Take the lesson</Link> first; it
          costs nothing.
        </>
      )}
    </p>
  );
}

/** Which step of a lesson this is; elsewhere how steep the item is, and its number. */
function heading({ item, target }: View): string {
  const step = target.steps[target.slot]?.name;
  return step === undefined
    ? `${item.similar ? 'Another like it' : `${capital(item.level)} level`} · item ${item.number}`
    : `${step}${item.similar ? ' · once more, with other numbers' : ''}`;
}

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
