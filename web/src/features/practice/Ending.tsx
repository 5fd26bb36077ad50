import { useEffect, useRef } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { Stuck } from '../../outbox/Stuck';
import { Button } from '../../ui/Button';
import { intoView } from '../../ui/seen';
import { useKeys } from '../../ui/useKeys';
import type { Onward, Practice, View } from './usePractice';

const ENDINGS: Record<string, string> = {
  UNAIDED_FIRST: 'Right.',
  UNAIDED_LATER: 'Right, on a later try.',
  AIDED: 'Right, with a hint.',
  MISSED: 'Missed this time.',
};

/** Where the way on leads instead of the next item of the skill. */
export type WayOn = { name: string; busy: boolean; go: (itemId: string) => void };

/** How the item ended, and the way on. */
export function Ending({ view, practice, wayOn }: { view: View; practice: Practice; wayOn: WayOn | undefined }) {
  const { item } = view;
  const last = view.history.at(-1);
  const onward = useRef<HTMLButtonElement>(null);
  useEffect(() => onward.current?.focus({ preventScroll: true }), []);
  const go = (how: Onward) => {
    if (!practice.next.isPending) {
      practice.next.mutate(how);
    }
  };
  const on = () => (wayOn === undefined ? go('NEXT') : !wayOn.busy && wayOn.go(item.id));
  useKeys({ n: on, l: () => item.offersSimilar && go('LIKE') });
  return (
    <div ref={intoView} className="grid max-w-2xl gap-3 rounded-slip border border-rule bg-leaf p-4">
      <p className="font-serif text-xl font-semibold">
        {item.toRead && item.outcome !== 'MISSED'
          ? 'Handed in. Your instructor reads it; then it counts.'
          : (ENDINGS[item.outcome ?? ''] ?? '')}
      </p>
      {item.offersSimilar && (
        <p>
          {view.target.kind === 'SCORE' && wayOn === undefined && (last?.change ?? 0) < 0
            ? 'Another like it, with new numbers, brings back what this miss took.'
            : 'Another like it, with new numbers, can make up for it.'}
        </p>
      )}
      {last !== undefined && view.around.offer !== undefined && <OfferSlip offer={view.around.offer} go={go} />}
      <div className="flex flex-wrap gap-3">
        {item.offersSimilar && (
          <Button ref={onward} look="main" hint="L" onClick={() => go('LIKE')}>
            Another like it
          </Button>
        )}
        <Button
          ref={item.offersSimilar ? undefined : onward}
          look={item.offersSimilar ? 'plain' : 'main'}
          hint="N"
          onClick={on}
        >
          {wayOn?.name ?? (view.target.reached ? 'Go on for more' : 'Next item')}
        </Button>
      </div>
      <Stuck what="That you go on" done={practice.next} />
      {practice.next.isError && (
        <p role="alert" className="text-rust">
          {practice.next.error.message}
        </p>
      )}
    </div>
  );
}

/** After several misses in a row: other ways on, offered once. */
function OfferSlip({ offer, go }: { offer: Schemas['Offer']; go: (how: Onward) => void }) {
  return (
    <section aria-label="Other ways on" className="rounded-slip border-l-4 border-larch-mark bg-larch-wash p-4">
      <p className="font-semibold">
        Three in a row did not go well. That happens to everybody, and there are other ways to go on.
      </p>
      <ul className="mt-2 grid gap-1.5">
        {offer.prerequisites.map((p) => (
          <li key={p.skillId}>
            <Link to={`/practice/${p.assignmentId}/${p.skillId}`} className="text-ink">
              Look at {p.name.toLowerCase()} first
            </Link>
            , which this one builds on.
          </li>
        ))}
        {offer.easier && (
          <li>
            <button type="button" className="cursor-pointer rounded underline" onClick={() => go('EASIER')}>
              Take an easier item
            </button>
            .
          </li>
        )}
        {offer.other !== undefined && (
          <li>
            <Link to={`/practice/${offer.other.assignmentId}/${offer.other.skillId}`} className="text-ink">
              Change to {offer.other.name.toLowerCase()}
            </Link>{' '}
            for a while.
          </li>
        )}
        <li>Or take a break for a few minutes: everything stays as it is. You can also just go on.</li>
      </ul>
    </section>
  );
}
