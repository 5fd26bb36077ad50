import { useEffect, useRef } from 'react';

function isTyping(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement && (target.matches('input, textarea, select, math-field') || target.isContentEditable)
  );
}

const SWITCH = 'single-keys';

/**
 * Whether single keys do something without Alt. Whoever speaks to the computer, or touches keys by accident, turns them
 * off.
 */
export const singleKeys = {
  areOn: () => localStorage.getItem(SWITCH) !== 'off',
  turn: (on: boolean) => (on ? localStorage.removeItem(SWITCH) : localStorage.setItem(SWITCH, 'off')),
};

/** Single keys while nothing is typed into; with Alt they work everywhere. Escape leaves a field. */
export function useKeys(keys: Record<string, () => void>) {
  const latest = useRef(keys);
  useEffect(() => {
    latest.current = keys;
  });
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.defaultPrevented) {
        return;
      }
      if (event.key === 'Escape' && isTyping(event.target) && event.target instanceof HTMLElement) {
        event.target.blur();
        return;
      }
      const name = event.altKey ? event.code.replace(/^Key/, '').toLowerCase() : event.key.toLowerCase();
      const action = latest.current[name];
      if (action !== undefined && (event.altKey || (!isTyping(event.target) && singleKeys.areOn()))) {
        event.preventDefault();
        action();
      }
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
}
