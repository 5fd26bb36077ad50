/** What a sign of the palette puts into a math field; #0 is what is selected, #? an empty place. */
const LATEX: Record<string, string> = {
  'x/y': String.raw`\frac{#0}{#?}`,
  'x²': '#@^{#?}',
  '( )': String.raw`\left(#0\right)`,
  '( , )': String.raw`\left(#?,#?\right)`,
  '{ , }': String.raw`\left\{#?,#?\right\}`,
  '√': String.raw`\sqrt{#0}`,
  '∞': String.raw`\infty`,
  '∪': String.raw`\cup`,
  '≠': String.raw`\ne`,
  '≤': String.raw`\le`,
  '≥': String.raw`\ge`,
  none: String.raw`\text{none}`,
  '−': '-',
};

/** What a sign puts into a plain text field. */
const PLAIN: Record<string, string> = { '×': '×', '^': '^', '−': '-', '/': '/', '%': '%' };

const NAMES: Record<string, string> = {
  'x/y': 'fraction',
  'x²': 'power',
  '( )': 'brackets',
  '( , )': 'pair',
  '{ , }': 'set',
  '√': 'square root',
  '∞': 'infinity',
  '∪': 'union',
  '≠': 'not equal',
  '≤': 'at most',
  '≥': 'at least',
  '×': 'times',
  '^': 'to the power',
  '−': 'minus',
  '/': 'over',
  '%': 'percent',
  '=': 'equals',
};

export const signName = (sign: string) => NAMES[sign] ?? sign;
/**
 * Of a button: what is seen on it and what it means, for those who speak to the page and for those who listen to it.
 */
export const buttonName = (shown: string, name: string) => (shown === name ? name : `${shown} ${name}`);
export const fieldLatex = (sign: string) => LATEX[sign] ?? sign;
export const plainText = (sign: string) => PLAIN[sign] ?? sign;
