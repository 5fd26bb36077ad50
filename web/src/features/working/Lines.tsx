import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { flushSync } from 'react-dom';
import { api, type Schemas, taken } from '../../api/client';
import { Button } from '../../ui/Button';
import { letter } from '../../outbox/letter';
import { plain, TwoWindows } from '../../outbox/TwoWindows';
import { useTyped } from '../../outbox/useTyped';
import { useWords } from '../../outbox/words';
import { type Action, after, counted, keptOf, type Page, pageOf } from './lines';
import { LineRow } from './LineRow';

type Kept = Schemas['WorkLine'];
type Place = { assignmentId: string; skillId: string };
/** Where lines are checked, and whether they may be by now. */
export type Checking = { place: Place; allowed: boolean };

const isLine = (line: unknown): line is Kept =>
  typeof line === 'object' &&
  line !== null &&
  'text' in line &&
  typeof line.text === 'string' &&
  'struck' in line &&
  typeof line.struck === 'boolean';
const isLines = (value: unknown): value is Kept[] => Array.isArray(value) && value.every(isLine);

function linesOf(body: unknown): Kept[] | null {
  return typeof body === 'object' && body !== null && 'lines' in body && isLines(body.lines) ? body.lines : null;
}

const textOf = (lines: Kept[]) => lines.map((line) => line.text).join('\n');

/** Asks the server what follows, and gives back for each line what was said of it while it stands unchanged. */
function useLineCheck(itemId: string, page: Page) {
  const { texts, places } = counted(page.lines);
  const check = useMutation({
    mutationFn: async (place: Place) => ({
      lines: texts,
      views: await taken(
        api.POST('/api/practice/{assignmentId}/{skillId}/lines', {
          params: { path: place },
          body: { itemId, lines: texts },
        }),
      ),
    }),
    retry: false,
  });
  const viewOf = (index: number) => {
    const place = places[index] ?? -1;
    const same =
      place >= 0 &&
      texts[place] !== '' &&
      check.data?.lines.slice(0, place + 1).join('\n') === texts.slice(0, place + 1).join('\n');
    return same ? check.data?.views[place] : undefined;
  };
  return { check, viewOf, isEmpty: texts.every((t) => t.trim() === '') };
}

/** The typed lines of a page, kept as they are written. */
export function Lines({
  itemId,
  place,
  letters,
  first,
  tag,
  checking,
}: {
  itemId: string;
  place: string;
  letters: string[];
  first: Kept[];
  tag: string;
  checking: Checking | undefined;
}) {
  const queries = useQueryClient();
  const { value, change, state, twoSides } = useTyped<Kept[]>(
    {
      source: ['work', itemId],
      place,
      slot: `lines/${itemId}`,
      words: 'Your lines',
      letter: (lines) => letter('put', '/api/items/{itemId}/work', { itemId }, { lines }),
      typed: linesOf,
      copy: textOf,
      onDone: (page) => queries.setQueryData(['work', itemId], page),
    },
    first,
    tag,
  );
  const [page, setPage] = useState(() => pageOf(value));
  /** Lines that came from elsewhere are taken over; one's own are there already. */
  const [shown, setShown] = useState(value);
  if (shown !== value) {
    setShown(value);
    if (JSON.stringify(value) !== JSON.stringify(keptOf(page))) {
      setPage(pageOf(value));
    }
  }
  const [at, setAt] = useState(0);
  const list = useRef<HTMLOListElement>(null);
  const { check, viewOf, isEmpty } = useLineCheck(itemId, page);
  /** At once, so that what is typed next lands in the right line. */
  const act = (action: Action, focus?: number) => {
    const next = after(page, action);
    flushSync(() => setPage(next));
    if (next !== page) {
      change(keptOf(next));
    }
    if (focus !== undefined) {
      list.current?.querySelectorAll<HTMLElement>('[data-line]')[focus]?.focus();
    }
  };
  return (
    <>
      <ol ref={list} className="mt-3">
        {page.lines.map((line, i) => (
          <LineRow
            key={line.id}
            index={i}
            line={line}
            letters={letters}
            view={viewOf(i)}
            onAction={act}
            onFocus={() => setAt(i)}
          />
        ))}
      </ol>
      <LineTools page={page} at={Math.min(at, page.lines.length - 1)} act={act} />
      <div className="mt-2 flex flex-wrap items-center gap-3">
        {checking !== undefined && (
          <Button
            disabled={!checking.allowed || isEmpty || check.isPending}
            onClick={() => check.mutate(checking.place)}
          >
            Check my lines
          </Button>
        )}
        {checking?.allowed === false && (
          <span className="text-sm text-soft print:hidden">
            Your lines can be checked after a first try that was not right.
          </span>
        )}
        <span role="status" className="text-sm text-soft print:hidden">
          {useWords('lines', state)}
        </span>
      </div>
      <TwoWindows sides={twoSides} show={(lines) => plain(textOf(lines))} />
      {check.isError && (
        <p role="alert" className="mt-2 bg-leaf text-rust">
          {check.error.message}
        </p>
      )}
    </>
  );
}

/** What can be done with the line one is in. */
function LineTools({ page, at, act }: { page: Page; at: number; act: (action: Action, focus?: number) => void }) {
  const line = page.lines[at];
  const tools: [string, string, () => void, boolean][] = [
    ['Up', 'Move this line up (Alt ↑)', () => act({ do: 'move', at, to: at - 1 }, at - 1), at === 0],
    [
      'Down',
      'Move this line down (Alt ↓)',
      () => act({ do: 'move', at, to: at + 1 }, at + 1),
      at === page.lines.length - 1,
    ],
    ['Copy down', 'Copy this line below (Alt Shift ↓)', () => act({ do: 'copy', at }, at + 1), line?.text === ''],
    [
      line?.struck === true ? 'Count again' : 'Strike',
      'Strike this line through: kept, not counted (Alt Backspace)',
      () => act({ do: 'strike', at }, at),
      line?.text === '',
    ],
    [
      line?.math === true ? 'Plain text' : 'Math field',
      'Write this line in a math field, or as text',
      () => act({ do: 'math', at }),
      false,
    ],
    ['Undo', 'Undo the last change of the order', () => act({ do: 'undo' }), page.past.length === 0],
  ];
  return (
    <div
      className="mt-2 flex min-h-8 flex-wrap items-center gap-1 print:hidden"
      role="group"
      aria-label="What can be done with this line"
    >
      <span className="mr-1 text-sm text-soft">Line {at + 1}</span>
      {tools
        .filter(([, , , off]) => !off)
        .map(([name, title, run]) => (
          <Button key={name} small look="quiet" title={title} onClick={run}>
            {name}
          </Button>
        ))}
      <span className="text-sm text-soft">Enter makes the next line.</span>
    </div>
  );
}
