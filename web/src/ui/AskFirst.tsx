import { type ReactNode, useState } from 'react';
import { Button } from './Button';

type Props = {
  /** What the button says. */
  name: string;
  /** What will happen, in a sentence. */
  words: ReactNode;
  /** What the second button says, as in "Yes, withdraw it". */
  yes: string;
  disabled?: boolean;
  onYes: () => void;
};

/** A button for what takes effect at once and hurts: it says what will happen, and asks. */
export function AskFirst({ name, words, yes, disabled = false, onYes }: Props) {
  const [asking, setAsking] = useState(false);
  return asking ? (
    <span
      role="group"
      aria-label={name}
      className="flex flex-wrap items-center gap-2 rounded-slip bg-larch-wash px-3 py-1.5"
    >
      <span role="status">{words}</span>
      <Button
        disabled={disabled}
        onClick={() => {
          setAsking(false);
          onYes();
        }}
      >
        {yes}
      </Button>
      <Button look="quiet" onClick={() => setAsking(false)}>
        Not now
      </Button>
    </span>
  ) : (
    <Button disabled={disabled} onClick={() => setAsking(true)}>
      {name}
    </Button>
  );
}
