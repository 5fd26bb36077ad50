import { useMutation } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { api, type Schemas, taken } from '../../api/client';
import { Button } from '../../ui/Button';
import { back, bringIn, put, type Typed } from './entry';

type Result = Schemas['Result'];
type Done = { entry: string; result: Result };

const KEYS: [string, string][] = [
  ...[...'7894561230'].map((digit): [string, string] => [digit, digit]),
  ['.', '.'],
  ['+', '+'],
  ['−', '-'],
  ['×', '*'],
  ['÷', '/'],
  ['(', '('],
  [')', ')'],
  ['^', '^'],
  ['√', 'sqrt('],
  ['%', '%'],
  ['sum', 'sum('],
  ['mean', 'mean('],
];

/** Works things out exactly, where the item allows it. @param data numbers of the item, to bring in */
export default function CalculatorSlip({ data, onClose }: { data: string[]; onClose: () => void }) {
  const [entry, setEntry] = useState('');
  const [done, setDone] = useState<Done[]>([]);
  const [decimal, setDecimal] = useState(false);
  const field = useRef<HTMLInputElement>(null);
  const slip = useRef<HTMLElement>(null);
  useEffect(() => {
    field.current?.focus({ preventScroll: true });
    slip.current?.scrollIntoView({ block: 'nearest' });
  }, []);
  const compute = useMutation({
    mutationFn: (typed: string) => taken(api.POST('/api/calculator', { body: { entry: typed } })),
    onSuccess: (result, typed) => setDone((before) => [{ entry: typed, result }, ...before].slice(0, 8)),
  });
  const edit = (how: (typed: Typed) => Typed) => {
    const next = how({ text: entry, at: field.current?.selectionStart ?? entry.length });
    setEntry(next.text);
    requestAnimationFrame(() => {
      field.current?.focus({ preventScroll: true });
      field.current?.setSelectionRange(next.at, next.at);
    });
  };
  return (
    <section
      ref={slip}
      aria-label="Calculator"
      className="unfold grid gap-3 rounded-slip border-l-4 border-edge bg-leaf p-4"
    >
      <div className="flex flex-wrap items-center justify-between gap-2">
        <p className="font-semibold">Calculator</p>
        <label className="flex items-center gap-2 text-sm">
          <input type="checkbox" checked={decimal} onChange={(e) => setDecimal(e.target.checked)} /> as decimals
        </label>
        <Button look="quiet" onClick={onClose}>
          Close
        </Button>
      </div>
      <form
        className="flex flex-wrap gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          compute.mutate(entry);
        }}
      >
        <input
          ref={field}
          aria-label="What to work out"
          className="min-w-0 flex-1 rounded-slip border border-edge bg-paper px-3 py-2 text-lg"
          value={entry}
          maxLength={500}
          autoComplete="off"
          spellCheck={false}
          placeholder="for example 3/4 + 1/6"
          onChange={(e) => setEntry(e.target.value)}
        />
        <Button type="submit" look="main">
          Work it out
        </Button>
      </form>
      <div className="flex flex-wrap gap-1.5" role="group" aria-label="Calculator keys">
        {KEYS.map(([shown, text]) => (
          <Key key={shown} shown={shown} onPress={() => edit((typed) => put(typed, text))} />
        ))}
        <Key shown="⌫" name="back" onPress={() => edit(back)} />
        <Key shown="clear" onPress={() => edit(() => ({ text: '', at: 0 }))} />
      </div>
      {data.length > 0 && (
        <div className="flex flex-wrap items-center gap-1.5" role="group" aria-label="The item’s numbers">
          <span className="text-sm text-soft">From the item:</span>
          {data.map((number, i) => (
            // oxlint-disable-next-line react/no-array-index-key -- numbers stand in the order of the item
            <Key key={i} shown={number} onPress={() => edit((typed) => bringIn(typed, [number]))} />
          ))}
          {data.length > 1 && (
            <Key shown="Bring in the item’s numbers" onPress={() => edit((typed) => bringIn(typed, data))} />
          )}
        </div>
      )}
      {compute.isError && <p role="alert">{compute.error.message}</p>}
      <ol aria-live="polite" className="grid gap-1">
        {done.map((d, i) => (
          // oxlint-disable-next-line react/no-array-index-key -- a list of what was done, the latest first
          <li key={done.length - i} className="flex flex-wrap items-baseline gap-x-2 border-t border-rule pt-1">
            <Shown done={d} decimal={decimal} />
          </li>
        ))}
      </ol>
    </section>
  );
}

function Key({ shown, name = shown, onPress }: { shown: string; name?: string; onPress: () => void }) {
  return (
    <button
      type="button"
      aria-label={name}
      className="min-h-9 min-w-9 cursor-pointer rounded-slip border border-edge px-2 hover:bg-spruce-wash"
      onMouseDown={(e) => e.preventDefault()}
      onClick={onPress}
    >
      {shown}
    </button>
  );
}

function Shown({ done, decimal }: { done: Done; decimal: boolean }) {
  const { result } = done;
  if (result.kind === 'Unclear') {
    return (
      <span role="alert">
        <span className="text-soft">{done.entry === '' ? '' : `${done.entry}: `}</span>
        {result.message}
      </span>
    );
  }
  return (
    <>
      <span className="text-soft">{done.entry}</span>
      <span className="text-lg font-semibold">
        {decimal ? `${result.rounded ? '≈' : '='} ${result.decimal}` : `= ${result.exact}`}
      </span>
    </>
  );
}
