import { useMutation, useQuery } from '@tanstack/react-query';
import { type KeyboardEvent, useRef, useState } from 'react';
import { flushSync } from 'react-dom';
import { api, type Schemas, taken } from '../../api/client';
import { useReading } from '../../math/useReading';
import { Button } from '../../ui/Button';
import { Tex } from '../../ui/Tex';
import { type Keeping, leftHere, useKept } from '../../ui/useKept';
import { LineSays } from './LineSays';

const isLines = (value: unknown): value is string[] => Array.isArray(value) && value.every((line) => typeof line === 'string');

type Place = { assignmentId: string; skillId: string };
/** Where lines are checked, and whether they may be by now. */
type Checking = { place: Place; allowed: boolean };
type Checked = { lines: string[]; views: Schemas['LineView'][] };

/** The right side: the student's own page beside the item, kept as it is written. */
export function WorkPage({ itemId, letters, checking }: { itemId: string; letters: string[]; checking?: Checking }) {
  const page = useQuery({
    queryKey: ['work', itemId],
    queryFn: () => taken(api.GET('/api/items/{itemId}/work', { params: { path: { itemId } } })),
    staleTime: Infinity,
    refetchOnWindowFocus: false,
  });
  return (
    <section aria-label="Your page" className="squared snap-start border-l-2 border-rust/40 bg-leaf p-4 pb-16">
      {page.isPending && <p className="text-soft">Opening your page.</p>}
      {page.isError && <p role="alert">{page.error.message}</p>}
      {page.isSuccess && <Lines itemId={itemId} letters={letters} checking={checking} first={leftHere(`lines-${itemId}`, isLines) ?? page.data.lines} />}
    </section>
  );
}

const STATES: Record<Keeping, string> = {
  kept: 'kept',
  keeping: 'keeping …',
  waiting: 'kept here, sent when the connection is back',
};

type Line = { id: number; text: string };

function Lines({ itemId, letters, first, checking }: { itemId: string; letters: string[]; first: string[]; checking: Checking | undefined }) {
  const count = useRef(first.length);
  const [lines, setLines] = useState<Line[]>(() => (first.length === 0 ? [''] : first).map((text, id) => ({ id, text })));
  const list = useRef<HTMLOListElement>(null);
  const kept = useKept(`lines-${itemId}`, (texts: string[]) => taken(api.PUT('/api/items/{itemId}/work', { params: { path: { itemId } }, body: { lines: texts } })));

  const texts = lines.map((line) => line.text);
  const check = useMutation({
    mutationFn: async (place: Place): Promise<Checked> => ({
      lines: texts,
      views: await taken(api.POST('/api/practice/{assignmentId}/{skillId}/lines', { params: { path: place }, body: { itemId, lines: texts } })),
    }),
    retry: false,
  });
  const viewOf = (index: number) => (check.data?.lines.slice(0, index + 1).join('\n') === texts.slice(0, index + 1).join('\n') && texts[index] !== '' ? check.data.views[index] : undefined);
  const set = (next: Line[]) => {
    setLines(next);
    kept.keep(next.map((line) => line.text));
  };
  /** At once, so that what is typed next lands in the new line. */
  const focus = (index: number) => list.current?.querySelectorAll<HTMLInputElement>('[data-line]')[index]?.focus();
  const onKey = (event: KeyboardEvent, index: number) => {
    const line = lines[index];
    if (event.key === 'Enter') {
      event.preventDefault();
      count.current += 1;
      flushSync(() => set(lines.toSpliced(index + 1, 0, { id: count.current, text: '' })));
      focus(index + 1);
    } else if (event.key === 'Backspace' && line?.text === '' && lines.length > 1) {
      event.preventDefault();
      flushSync(() => set(lines.toSpliced(index, 1)));
      focus(Math.max(0, index - 1));
    } else if (event.key === 'ArrowUp' || event.key === 'ArrowDown') {
      focus(index + (event.key === 'ArrowUp' ? -1 : 1));
    }
  };
  return (
    <>
      <div className="flex justify-between gap-4 text-sm">
        <h2 className="bg-leaf font-semibold text-soft">Your page for this item</h2>
        <span role="status" className="bg-leaf text-soft">{STATES[kept.state]}</span>
      </div>
      <ol ref={list} className="mt-3">
        {lines.map((line, i) => (
          <LineRow key={line.id} number={i + 1} line={line.text} letters={letters} view={viewOf(i)} onChange={(text) => set(lines.with(i, { id: line.id, text }))} onKeyDown={(e) => onKey(e, i)} />
        ))}
      </ol>
      <div className="mt-2 flex flex-wrap items-center gap-3">
        <span className="bg-leaf text-sm text-soft">Enter makes the next line.</span>
        {checking !== undefined && (
          <Button disabled={!checking.allowed || texts.every((t) => t.trim() === '') || check.isPending} onClick={() => check.mutate(checking.place)}>
            Check my lines
          </Button>
        )}
        {checking?.allowed === false && <span className="bg-leaf text-sm text-soft">Your lines can be checked after a first try that was not right.</span>}
      </div>
      {check.isError && <p role="alert" className="mt-2 bg-leaf text-rust">{check.error.message}</p>}
    </>
  );
}

type RowProps = { number: number; line: string; letters: string[]; view: Schemas['LineView'] | undefined; onChange: (text: string) => void; onKeyDown: (event: KeyboardEvent) => void };

function LineRow({ number, line, letters, view, onChange, onKeyDown }: RowProps) {
  const reading = useReading('line', letters, line);
  const latex = line.trim() !== '' && reading.data?.at === -1 ? reading.data.latex : '';
  return (
    <li className="grid min-h-[44px] grid-cols-[1.6rem_1fr_auto] items-center gap-2">
      <span className="text-sm text-soft" aria-hidden="true">{number}</span>
      <input
        data-line
        aria-label={`Line ${number}`}
        className="w-full border-b border-rule bg-leaf/70 px-1 py-1 font-serif text-lg focus:bg-leaf"
        value={line}
        maxLength={500}
        autoComplete="off"
        spellCheck={false}
        placeholder={number === 1 ? 'a line of your work' : ''}
        onChange={(e) => onChange(e.target.value)}
        onKeyDown={onKeyDown}
      />
      <span className="max-w-48 overflow-hidden bg-leaf text-soft">{latex !== '' && <Tex latex={latex} />}</span>
      {view !== undefined && <LineSays view={view} />}
    </li>
  );
}
