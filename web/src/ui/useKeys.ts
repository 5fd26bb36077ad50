import { useEffect, useRef } from 'react';

function isTyping(target: EventTarget | null): boolean {
  return target instanceof HTMLElement && (target.matches('input, textarea, select, math-field') || target.isContentEditable);
}

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
      if (action !== undefined && (event.altKey || !isTyping(event.target))) {
        event.preventDefault();
        action();
      }
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
}
