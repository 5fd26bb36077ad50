import { type FocusEvent, type KeyboardEvent, useState } from 'react';
import { announce } from '../../ui/announce';
import { type Cursor, said, START, stepped } from './cursor';
import type { Spot } from './gesture';

type Handlers = {
  onBegin: (spot: Spot) => void;
  onFollow: (spot: Spot) => void;
  onEnd: () => void;
  onCancel: () => void;
};

const spotOf = ({ x, y }: Cursor): Spot => ({ x, y, pressure: 0.5, at: performance.now() });

/**
 * The tools by keys: arrows move the pen, the space bar puts it down and lifts it, Escape lets go of what was begun.
 */
export function useSheetKeys({ onBegin, onFollow, onEnd, onCancel }: Handlers) {
  const [cursor, setCursor] = useState<Cursor | null>(null);
  const [isDown, setDown] = useState(false);
  const press = (at: Cursor) => {
    if (isDown) {
      onEnd();
      announce('Pen up, drawn');
    } else {
      onBegin(spotOf(at));
      announce(`Pen down at ${said(at)}`);
    }
    setDown(!isDown);
  };
  const onKeyDown = (event: KeyboardEvent) => {
    const at = cursor ?? START;
    const next = stepped(at, event.key, event.shiftKey);
    if (next !== null) {
      event.preventDefault();
      setCursor(next);
      if (isDown) {
        onFollow(spotOf(next));
      }
      announce(said(next));
    } else if (event.key === ' ') {
      event.preventDefault();
      setCursor(at);
      press(at);
    } else if (event.key === 'Escape' && isDown) {
      event.stopPropagation();
      setDown(false);
      onCancel();
      announce('Let go');
    }
  };
  /** Whoever came by the mouse needs no pen of the keyboard. */
  const onFocus = (event: FocusEvent) => {
    if (event.currentTarget.matches(':focus-visible')) {
      setCursor((now) => now ?? START);
    }
  };
  return { cursor, isDown, onKeyDown, onFocus };
}
