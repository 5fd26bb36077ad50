import { useRef, useState } from 'react';
import { Button } from '../../ui/Button';
import { plain, TwoWindows } from '../../outbox/TwoWindows';
import { useWords } from '../../outbox/words';
import type { Action, Page } from './lines';
import { LineRow } from './LineRow';
import { type Kept, type Place, textOf, useLineCheck, useLines } from './useLines';

/** Where lines are checked, and whether they may be by now. */
export type Checking = { place: Place; allowed: boolean };

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
  const list = useRef<HTMLOListElement>(null);
  const { page, act, state, twoSides } = useLines({ itemId, place, first, tag, list });
  const [at, setAt] = useState(0);
  const { check, viewOf, isEmpty } = useLineCheck(itemId, page);
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
