import { type ReactNode, useState } from 'react';
import { buttonName } from './signs';
import { characterOf, type PadCommand, type PadKey, padKeys } from './pad';

type Props = {
  kind: string;
  letters: string[];
  palette: string[];
  onType: (character: string) => void;
  onCommand: (command: PadCommand) => void;
  /** The row of signs, which is always there. */
  children: ReactNode;
};

const FINGERS = '(pointer: coarse)';

/** Keys on the screen, below the field and above everything that follows it; open from the start where fingers type. */
export function Pad({ kind, letters, palette, onType, onCommand, children }: Props) {
  const [open, setOpen] = useState(() => window.matchMedia(FINGERS).matches);
  const press = (key: PadKey) => {
    if (key.does === 'command' && (key.name === 'back' || key.name === 'left' || key.name === 'right')) {
      onCommand(key.name);
    } else {
      onType(characterOf(key));
    }
  };
  return (
    <div className="grid justify-items-start gap-1.5">
      <div className="flex flex-wrap items-center gap-3">
        {children}
        <button
          type="button"
          aria-expanded={open}
          className="min-h-6 cursor-pointer rounded text-sm text-glacier underline"
          onMouseDown={(e) => e.preventDefault()}
          onClick={() => setOpen(!open)}
        >
          {open ? 'Hide the keys' : 'Keys on the screen'}
        </button>
      </div>
      {open && (
        <div role="group" aria-label="Keys" className="grid gap-1.5">
          {padKeys(kind, letters, palette).map((row) => (
            <div key={row[0]?.show} className="flex max-w-md flex-wrap gap-1.5">
              {row.map((key) => (
                <PadButton key={key.show} of={key} onPress={press} />
              ))}
            </div>
          ))}
        </div>
      )}
    </div>
  );
}

function PadButton({ of, onPress }: { of: PadKey; onPress: (key: PadKey) => void }) {
  return (
    <button
      type="button"
      aria-label={buttonName(of.show, of.name)}
      title={of.name === of.show ? undefined : of.name}
      className="min-h-9 min-w-9 cursor-pointer rounded border border-edge bg-leaf px-2 font-serif text-lg hover:bg-spruce-wash"
      onMouseDown={(e) => e.preventDefault()}
      onClick={() => onPress(of)}
    >
      {of.show}
    </button>
  );
}
