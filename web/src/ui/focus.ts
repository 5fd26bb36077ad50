import { intoView } from './seen';

/** What lies in a tab that is not on top. */
const UNDER = '[data-state=inactive]';

/** The keyboard goes to the first that is to be seen, and it comes into view. */
export function focusFirst(selector: string) {
  const found = [...document.querySelectorAll<HTMLElement>(selector)].find((e) => e.closest(UNDER) === null) ?? null;
  found?.focus();
  intoView(found);
}

/** The student's own page: its lines, or the sheet where that lies on top. */
export const focusPage = () => focusFirst('[data-line], [data-ink-surface]');

/** Whether the keyboard is nowhere: what had it is gone. */
export const isFocusLost = () => document.activeElement === null || document.activeElement === document.body;
