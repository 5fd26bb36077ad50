import katex from 'katex';
import { useMemo } from 'react';

/** Mathematics set by KaTeX, with MathML for screen readers. */
export function Tex({ latex, display = false }: { latex: string; display?: boolean }) {
  const html = useMemo(
    () => katex.renderToString(latex, { throwOnError: false, displayMode: display, output: 'htmlAndMathml' }),
    [latex, display],
  );
  // eslint-disable-next-line react/no-danger -- made by KaTeX here, which escapes what it is given
  return <span dangerouslySetInnerHTML={{ __html: html }} />;
}
