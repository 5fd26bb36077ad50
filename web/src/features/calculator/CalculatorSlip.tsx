import { useEffect, useRef, useState } from 'react';
import { Button } from '../../ui/Button';
import { back, bringIn, put } from './entry';
import { type Done, useCalculator } from './useCalculator';

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
  const { entry, setEntry, done, field, edit, compute } = useCalculator();
  const [decimal, setDecimal] = useState(false);
  const slip = useRef<HTMLElement>(null);
  useEffect(() => slip.current?.scrollIntoView({ block: 'nearest' }), []);
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
      {data.length > 0 && <FromItem data={data} onBring={(numbers) => edit((typed) => bringIn(typed, numbers))} />}
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

/** Numbers of the item, to bring in one by one or together. */
function FromItem({ data, onBring }: { data: string[]; onBring: (numbers: string[]) => void }) {
  return (
    <div className="flex flex-wrap items-center gap-1.5" role="group" aria-label="The item’s numbers">
      <span className="text-sm text-soft">From the item:</span>
      {data.map((number, i) => (
        // oxlint-disable-next-line react/no-array-index-key -- numbers stand in the order of the item
        <Key key={i} shown={number} onPress={() => onBring([number])} />
      ))}
      {data.length > 1 && <Key shown="Bring in the item’s numbers" onPress={() => onBring(data)} />}
    </div>
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
