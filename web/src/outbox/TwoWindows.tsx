import type { ReactNode } from 'react';
import { Button } from '../ui/Button';
import type { TwoSides } from './useTyped';

/** The same was changed in two windows: both are shown, and one chooses. */
export function TwoWindows<T>({ sides, show }: { sides: TwoSides<T> | null; show: (value: T) => ReactNode }) {
  if (sides === null) {
    return null;
  }
  return (
    <section
      role="alert"
      aria-label="Changed in two windows"
      className="grid max-w-2xl gap-2 rounded-slip border-l-4 border-larch-mark bg-larch-wash p-4"
    >
      <p className="font-semibold">This was changed in another window too. Which one do you want to keep?</p>
      <div className="grid gap-3 sm:grid-cols-2">
        <Side name="Typed here" use="Keep this one" onUse={sides.keepMine}>
          {show(sides.mine)}
        </Side>
        <Side name="From the other window" use="Take that one" onUse={sides.takeTheirs}>
          {show(sides.theirs)}
        </Side>
      </div>
    </section>
  );
}

function Side({ name, use, onUse, children }: { name: string; use: string; onUse: () => void; children: ReactNode }) {
  return (
    <div className="grid content-between gap-2 rounded-slip border border-edge bg-leaf p-3">
      <p className="text-sm text-soft">{name}</p>
      <div className="max-h-48 overflow-auto font-serif whitespace-pre-wrap">{children}</div>
      <Button className="w-fit" onClick={onUse}>
        {use}
      </Button>
    </div>
  );
}

/** Text as it is; that there is none is said. */
export const plain = (text: string) => (text.trim() === '' ? <em>empty</em> : text);
