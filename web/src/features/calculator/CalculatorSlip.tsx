import { useMutation } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { api, type Schemas, taken } from '../../api/client';
import { Button } from '../../ui/Button';

type Result = Schemas['Result'];
type Done = { entry: string; result: Result };

const SIGNS: [string, string][] = [
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
  useEffect(() => field.current?.focus({ preventScroll: true }), []);
  const compute = useMutation({
    mutationFn: (typed: string) => taken(api.POST('/api/calculator', { body: { entry: typed } })),
    onSuccess: (result, typed) => setDone((before) => [{ entry: typed, result }, ...before].slice(0, 8)),
  });
  const put = (text: string) => {
    const at = field.current?.selectionStart ?? entry.length;
    setEntry(entry.slice(0, at) + text + entry.slice(at));
    requestAnimationFrame(() => {
      field.current?.focus();
      field.current?.setSelectionRange(at + text.length, at + text.length);
    });
  };
  return (
    <section aria-label="Calculator" className="unfold grid gap-3 rounded-slip border-l-4 border-edge bg-leaf p-4">
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
      <div className="flex flex-wrap gap-1.5">
        {SIGNS.map(([shown, text]) => (
          <button key={shown} type="button" className="min-h-9 min-w-9 cursor-pointer rounded-slip border border-edge px-2 hover:bg-spruce-wash" onClick={() => put(text)}>
            {shown}
          </button>
        ))}
        {data.length > 0 && <Button onClick={() => put(data.join(', '))}>Bring in the item’s numbers</Button>}
      </div>
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
      <span className="text-lg font-semibold">{decimal ? `${result.rounded ? '≈' : '='} ${result.decimal}` : `= ${result.exact}`}</span>
    </>
  );
}
