import { useEffect, useSyncExternalStore } from 'react';

/** Sets LaTeX as HTML with MathML for screen readers; what it is given is escaped. */
export type Typesetter = (latex: string, display: boolean) => string;

/** Milliseconds after which it is asked for again, where the connection was lost. */
const AGAIN = 2000;

let ready: Typesetter | undefined;
let coming: Promise<void> | undefined;
const waiting = new Set<() => void>();

/** Fetches KaTeX, which is large: a page without formulas does without. Asked again, it comes once. */
export function fetchTypesetter(): Promise<void> {
  coming ??= import('katex').then(
    ({ default: katex }) => {
      ready = (latex, display) =>
        katex.renderToString(latex, { throwOnError: false, displayMode: display, output: 'htmlAndMathml' });
      waiting.forEach((tell) => tell());
    },
    () => {
      coming = undefined;
      window.setTimeout(() => void fetchTypesetter(), AGAIN);
    },
  );
  return coming;
}

const current = () => ready;

function listen(tell: () => void) {
  waiting.add(tell);
  return () => void waiting.delete(tell);
}

/** Undefined until it has come. */
export function useTypesetter(): Typesetter | undefined {
  const typesetter = useSyncExternalStore(listen, current, current);
  useEffect(() => {
    void fetchTypesetter();
  }, []);
  return typesetter;
}
