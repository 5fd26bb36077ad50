import { useMemo } from 'react';
import { useTypesetter } from './typesetter';

/** Mathematics set by KaTeX, with MathML for screen readers. Until that has come, its room is kept empty. */
export function Tex({ latex, display = false }: { latex: string; display?: boolean }) {
  const typeset = useTypesetter();
  const html = useMemo(() => typeset?.(latex, display), [typeset, latex, display]);
  if (html === undefined) {
    return (
      <span className="invisible" data-typesetting>
        {latex.replace(/\\[a-z]+|[{}]/g, '')}
      </span>
    );
  }
  // eslint-disable-next-line react/no-danger -- made by KaTeX here, which escapes what it is given
  return <span dangerouslySetInnerHTML={{ __html: html }} />;
}
