import { useRef, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { Notice } from '../../ui/Notice';
import { TopBar } from '../../ui/TopBar';
import { useFocusCaught } from '../../ui/useFocusCaught';
import { useKeys } from '../../ui/useKeys';
import { ReadingDesk } from './ReadingDesk';
import { type By, ordered, type Waiting } from './order';
import { useMarking } from './useMarking';
import { LastRead } from './LastRead';

/** The reading table: the pile, and the page that is being read. */
export default function MarkingScreen() {
  const { itemId = '' } = useParams();
  const navigate = useNavigate();
  const marking = useMarking();
  const [by, setBy] = useState<By>('skill');
  const table = useRef<HTMLDivElement>(null);
  useFocusCaught(itemId, table);
  const groups = ordered(marking.pile.data?.waiting ?? [], by);
  const order = groups.flatMap(([, pages]) => pages.map((p) => p.itemId));
  const at = order.indexOf(itemId);
  const go = (to: number) => order[to] !== undefined && void navigate(`/handed-in/${order[to]}`);
  useKeys({ j: () => go(at + 1), k: () => go(Math.max(0, at - 1)) });
  return (
    <div className="flex min-h-screen flex-col">
      <TopBar />
      <main className="grid flex-1 md:grid-cols-[17rem_1fr]">
        <nav aria-label="Waiting work" className="border-r border-rule p-4">
          <h1 className="font-serif text-xl font-bold">Work to read</h1>
          <div role="group" aria-label="In which order" className="mt-2 flex gap-1 text-sm">
            {(['skill', 'student'] satisfies By[]).map((b) => (
              <button
                key={b}
                type="button"
                aria-pressed={by === b}
                className="cursor-pointer rounded border border-edge px-2 py-1 aria-pressed:border-2 aria-pressed:border-spruce aria-pressed:bg-spruce-wash"
                onClick={() => setBy(b)}
              >
                by {b === 'skill' ? 'item' : 'student'}
              </button>
            ))}
          </div>
          {marking.pile.isPending && <p className="mt-3 text-soft">Looking up the pile.</p>}
          <Pile groups={groups} by={by} itemId={itemId} onOpen={(id) => void navigate(`/handed-in/${id}`)} />
          {order.length > 0 && <p className="mt-4 text-sm text-soft">J and K go through the pile.</p>}
        </nav>
        <div ref={table} className="min-w-0">
          <LastRead marking={marking} />
          {marking.pile.isError && <Notice title="This could not be loaded.">{marking.pile.error.message}</Notice>}
          {marking.pile.isSuccess && order.length === 0 && itemId === '' && (
            <Notice title="Nothing waits to be read.">
              When students hand in work that an assignment asks for, it appears here.
            </Notice>
          )}
          {itemId === '' && order.length > 0 && (
            <Notice title={order.length === 1 ? 'One page waits.' : `${order.length} pages wait.`}>
              Choose one on the left, or press J for the first.
            </Notice>
          )}
          {itemId !== '' && (
            <ReadingDesk
              key={itemId}
              itemId={itemId}
              marking={marking}
              left={order.length}
              onNext={() => (order.length > 1 ? go(at + 1 < order.length ? at + 1 : 0) : void navigate('/handed-in'))}
            />
          )}
        </div>
      </main>
    </div>
  );
}

type PileProps = { groups: [string, Waiting[]][]; by: By; itemId: string; onOpen: (itemId: string) => void };

function Pile({ groups, by, itemId, onOpen }: PileProps) {
  return groups.map(([name, pages]) => (
    <section key={name} className="mt-4">
      <h2 className="text-sm font-semibold">{name}</h2>
      <ul>
        {pages.map((p) => (
          <li key={p.itemId}>
            <button
              type="button"
              aria-current={p.itemId === itemId}
              className="w-full cursor-pointer rounded px-2 py-1 text-left hover:bg-spruce-wash aria-[current=true]:bg-larch-wash aria-[current=true]:font-semibold"
              onClick={() => onOpen(p.itemId)}
            >
              {by === 'skill' ? p.student : p.skill}{' '}
              <span className="text-sm font-normal text-soft">
                {new Date(p.since).toLocaleString('en', {
                  day: 'numeric',
                  month: 'short',
                  hour: 'numeric',
                  minute: '2-digit',
                })}
              </span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  ));
}
