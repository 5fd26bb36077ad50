import { lazy, Suspense, useState } from 'react';
import type { Schemas } from '../../api/client';
import { Stuck } from '../../outbox/Stuck';
import { useJotting } from '../../outbox/useJotting';
import { Button } from '../../ui/Button';
import { landed } from '../../ui/Landing';
import { Notice } from '../../ui/Notice';
import { useKeys } from '../../ui/useKeys';
import { useBookPage } from '../book/BookPageScreen';
import { ItemShown } from '../book/ItemShown';
import { figuresOf } from '../working/figures';
import { PageShown } from '../working/PageShown';
import { Under, usePage } from '../working/WorkPage';
import { WorkStanding } from '../working/WorkStanding';
import type { Marking } from './useMarking';

const InkSheet = lazy(() => import('../ink/InkSheet'));

const CREDITS: [number, string, string][] = [
  [0, '0', 'none'],
  [25, '1', 'a quarter'],
  [50, '2', 'half'],
  [75, '3', 'three quarters'],
  [100, '4', 'full'],
];

type Props = { itemId: string; marking: Marking; left: number; onNext: () => void };

/** One page being read: item and answer, the work with a layer for marks, and what is said of it. */
export function ReadingDesk({ itemId, marking, left, onNext }: Props) {
  const found = useBookPage(itemId);
  const page = usePage(itemId);
  if (found.isError || page.isError) {
    return <Notice title="This page cannot be opened.">{(found.error ?? page.error)?.message}</Notice>;
  }
  if (found.isPending || page.shown === undefined) {
    return <Notice title="Opening the page." />;
  }
  const figures = figuresOf(found.data.item);
  return (
    <div className="grid lg:grid-cols-2">
      <section aria-label="Item and answer" className="grid min-w-0 content-start gap-4 p-6">
        <h2 ref={landed} className="text-soft">
          <strong className="text-ink">{found.data.student}</strong> · {found.data.assignment} · {found.data.skill}
        </h2>
        <ItemShown item={found.data.item} />
        <Say itemId={itemId} page={page.shown} marking={marking} left={left} onNext={onNext} />
      </section>
      <section aria-label="Work" className="grid min-w-0 content-start gap-4 border-l-2 border-rust/40 bg-leaf p-6">
        <h2 className="text-sm font-semibold text-soft">
          The student&rsquo;s page. Your marks are a layer of their own.
        </h2>
        <PageShown page={page.shown} lines={found.data.lines} />
        <Suspense fallback={<p className="text-soft">Opening the sheet.</p>}>
          <InkSheet
            itemId={itemId}
            place={`reading/${itemId}`}
            layer="marks"
            paper={page.shown.paper}
            under={page.shown.figureUnder && figures.length > 0 ? <Under figures={figures} /> : undefined}
          />
        </Suspense>
      </section>
    </div>
  );
}

function Say({ itemId, page, marking, left, onNext }: Props & { page: Schemas['Page'] }) {
  const { state } = page;
  const [credit, setCredit] = useState(state.kind === 'Read' ? state.credit : 100);
  const [comment, setComment] = useJotting(
    `comment/${itemId}`,
    state.kind === 'Read' || state.kind === 'SentBack' ? state.comment : '',
  );
  const onSaid = () => {
    setComment('');
    onNext();
  };
  const read = () => marking.read.mutate({ itemId, credit, comment }, { onSuccess: onSaid });
  const back = () => marking.sendBack.mutate({ itemId, comment }, { onSuccess: onSaid });
  useKeys({ ...Object.fromEntries(CREDITS.map(([value, key]) => [key, () => setCredit(value)])), d: read, b: back });
  const failed = [marking.read, marking.sendBack, marking.save].find((m) => m.isError);
  return (
    <section aria-label="Your marks and comment" className="grid gap-3 rounded-slip border border-rule bg-leaf p-4">
      <WorkStanding state={state} required={false} own={false} />
      <fieldset className="flex flex-wrap gap-2">
        <legend className="mb-1 font-semibold">Credit</legend>
        {CREDITS.map(([value, key, name]) => (
          <label
            key={value}
            className={`flex cursor-pointer items-center gap-1.5 rounded border px-2 py-1 ${credit === value ? 'border-2 border-spruce bg-spruce-wash' : 'border-edge'}`}
          >
            <input type="radio" name="credit" checked={credit === value} onChange={() => setCredit(value)} />
            {name} <kbd className="rounded border border-current/50 px-1 font-sans text-xs">{key}</kbd>
          </label>
        ))}
      </fieldset>
      <label className="grid gap-1">
        <span className="font-semibold">Comment</span>
        <textarea
          className="min-h-20 rounded-slip border border-edge bg-paper p-2"
          maxLength={2000}
          value={comment}
          onChange={(e) => setComment(e.target.value)}
        />
      </label>
      <Saved
        marking={marking}
        comment={comment}
        onUse={(text) => setComment(comment === '' ? text : `${comment} ${text}`)}
      />
      <Stuck what="Your mark" done={marking.read} />
      <Stuck what="Your comment" done={marking.sendBack} />
      {failed !== undefined && (
        <p role="alert" className="text-rust">
          {failed.error?.message}
        </p>
      )}
      <span className="flex flex-wrap gap-2">
        <Button look="main" hint="D" onClick={read} disabled={marking.read.isPending}>
          {state.kind === 'Read' ? 'Read again' : 'Read'}
          {left > 1 && ', next'}
        </Button>
        <Button hint="B" onClick={back} disabled={comment.trim() === '' || marking.sendBack.isPending}>
          Send back for more
        </Button>
        {comment.trim() === '' && <span className="self-center text-sm text-soft">Sending back needs a comment.</span>}
      </span>
    </section>
  );
}

/** Comments that are written often: one press puts one in. */
function Saved({ marking, comment, onUse }: { marking: Marking; comment: string; onUse: (text: string) => void }) {
  const saved = marking.pile.data?.comments ?? [];
  return (
    <div className="grid gap-1">
      {saved.length > 0 && (
        <ul className="flex flex-wrap gap-1" aria-label="Saved comments">
          {saved.map((c) => (
            <li key={c.id} className="flex rounded border border-edge">
              <button
                type="button"
                className="cursor-pointer px-2 py-1 text-left text-sm hover:bg-spruce-wash"
                onClick={() => onUse(c.text)}
              >
                {c.text}
              </button>
              <button
                type="button"
                className="cursor-pointer border-l border-edge px-2 text-soft hover:bg-rust-wash"
                aria-label={`Forget the comment: ${c.text}`}
                onClick={() => marking.forget.mutate(c.id)}
              >
                ×
              </button>
            </li>
          ))}
        </ul>
      )}
      <Button
        look="quiet"
        small
        className="w-fit"
        disabled={comment.trim() === '' || marking.save.isPending}
        onClick={() => marking.save.mutate(comment.slice(0, 500))}
      >
        Keep this comment for other pages
      </Button>
    </div>
  );
}
