import { useEffect, useRef, useState } from 'react';
import { api } from '../../api/client';
import { Blocks } from '../../ui/Blocks';
import { Button } from '../../ui/Button';
import { useKept } from '../../ui/useKept';
import { useKeys } from '../../ui/useKeys';
import { OpenPart } from './OpenPart';
import { ClosedPart } from './PartBlock';
import { Example, Solution } from './Slips';
import type { Practice, View } from './usePractice';

/** The left side: the item, its fields, its help. One instance an item. */
export function ItemPane({ view, practice }: { view: View; practice: Practice }) {
  const { item } = view;
  const [entries, setEntries] = useState<Record<string, string>>(item.draft);
  const latest = useRef(entries);
  const draft = useKept(`draft-${item.id}`, (kept: Record<string, string>) =>
    api.PUT('/api/items/{itemId}/draft', { params: { path: { itemId: item.id } }, body: { entries: kept } }).then(({ response }) => {
      if (response.status >= 500) {
        throw new Error('not kept');
      }
    }),
  );
  const open = item.outcome === undefined;
  const part = item.parts[item.currentPart];
  const result = practice.check.data;
  const mine = result !== undefined && result.view.item.id === item.id && result.view.item.currentPart === item.currentPart ? result : undefined;
  const [judged, setJudged] = useState<Record<string, string>>({});
  const fresh = JSON.stringify(judged) === JSON.stringify(entries);

  const change = (fieldId: string, value: string) => {
    const next = { ...latest.current, [fieldId]: value };
    latest.current = next;
    setEntries(next);
    draft.keep(next);
  };
  const check = (confirmed: boolean) => {
    if (part !== undefined && !practice.check.isPending) {
      setJudged(entries);
      const own = Object.fromEntries(part.fields.map((f) => [f.id, entries[f.id] ?? '']));
      practice.check.mutate({ key: practice.newKey(), itemId: item.id, part: item.currentPart, entries: own, confirmed });
    }
  };

  return (
    <div className="grid content-start gap-5 p-6 md:p-10">
      <p className="text-soft">
        {item.similar ? 'Another like it' : capital(item.ground)} · item {item.number}
      </p>
      <Blocks blocks={item.stem} className="max-w-2xl font-serif text-stem leading-relaxed" />
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
            onChange={change}
            onCheck={check}
          />
        ) : (
          <ClosedPart key={p.prompt} part={p} />
        ),
      )}
      {practice.check.isError && fresh && <p role="alert" className="max-w-2xl text-rust">{practice.check.error.message}</p>}
      {practice.check.isPending && practice.check.failureCount > 0 && (
        <p role="status" className="max-w-2xl">The connection is gone. Your answer is kept and sent when it is back.</p>
      )}
      {open ? <Help view={view} practice={practice} /> : <Ending view={view} practice={practice} />}
      {item.example !== undefined && <Example example={item.example} />}
      {item.solution !== undefined && <Solution solution={item.solution} />}
      <p className="sr-only" role="status">{draft.state === 'waiting' ? 'Not yet kept on the server.' : ''}</p>
    </div>
  );
}

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}

/** In the order of help: hints, the example, the full solution. */
function Help({ view, practice }: { view: View; practice: Practice }) {
  const { item } = view;
  const part = item.parts[item.currentPart];
  const [asking, setAsking] = useState(false);
  const more = part !== undefined && part.hints.length < part.hintsInAll;
  const hint = () => item.hintsAllowed && more && !practice.hint.isPending && practice.hint.mutate({ key: practice.newKey(), itemId: item.id });
  const example = () =>
    item.exampleAllowed && item.example === undefined && !practice.example.isPending && practice.example.mutate({ key: practice.newKey(), itemId: item.id });
  useKeys({ h: hint, e: example });
  return (
    <div className="flex flex-wrap gap-3">
      {item.hintsAllowed && (
        <Button hint="H" onClick={hint} disabled={!more}>
          {part === undefined || part.hints.length === 0 ? 'Hint' : more ? 'Next hint' : 'All hints are open'}
        </Button>
      )}
      {item.exampleAllowed && (
        <Button hint="E" onClick={example} disabled={item.example !== undefined}>
          Worked example
        </Button>
      )}
      {asking ? (
        <span className="flex flex-wrap items-center gap-3 rounded-slip bg-larch-wash px-3 py-1">
          This closes the item as missed.
          <Button onClick={() => practice.solution.mutate({ key: practice.newKey(), itemId: item.id })}>Show it</Button>
          <Button look="quiet" onClick={() => setAsking(false)}>
            Keep trying
          </Button>
        </span>
      ) : (
        <Button look="quiet" onClick={() => setAsking(true)}>
          Full solution
        </Button>
      )}
    </div>
  );
}

const ENDINGS: Record<string, string> = {
  UNAIDED_FIRST: 'Right.',
  UNAIDED_LATER: 'Right, on a later try.',
  AIDED: 'Right, with a hint.',
  MISSED: 'Missed this time.',
};

/** How the item ended, and the way on. */
function Ending({ view, practice }: { view: View; practice: Practice }) {
  const { item } = view;
  const onward = useRef<HTMLButtonElement>(null);
  useEffect(() => onward.current?.focus({ preventScroll: true }), []);
  const go = (like: boolean) => {
    if (!practice.next.isPending) {
      practice.next.mutate({ key: practice.newKey(), itemId: item.id, like });
    }
  };
  useKeys({ n: () => go(false), l: () => item.offersSimilar && go(true) });
  return (
    <div className="grid max-w-2xl gap-3 rounded-slip border border-rule bg-leaf p-4" role="status">
      <p className="font-serif text-xl font-semibold">{ENDINGS[item.outcome ?? ''] ?? ''}</p>
      {item.offersSimilar && <p>Another like it, with new numbers, brings back what this miss took.</p>}
      <div className="flex flex-wrap gap-3">
        {item.offersSimilar && (
          <Button ref={onward} look="main" hint="L" onClick={() => go(true)}>
            Another like it
          </Button>
        )}
        <Button ref={item.offersSimilar ? undefined : onward} look={item.offersSimilar ? 'plain' : 'main'} hint="N" onClick={() => go(false)}>
          {view.reached ? 'Go on for more' : 'Next item'}
        </Button>
      </div>
      {practice.next.isError && <p role="alert" className="text-rust">{practice.next.error.message}</p>}
    </div>
  );
}

