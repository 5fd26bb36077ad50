/** Pieces of LaTeX: a command, or one character. */
const PIECES = /\\(?:[a-zA-Z]+|.)|[^\\]/g;
const OPENS = new Set(['(', '[', '{', String.raw`\lbrace`]);
const CLOSES = new Set([')', ']', '}', String.raw`\rbrace`]);
const PARTS = new Set([
  '+',
  '-',
  '=',
  '<',
  '>',
  ',',
  ';',
  ':',
  ...['pm', 'le', 'ge', 'ne', 'lt', 'gt', 'cup', 'approx', ':', ',', ' ', ';'].map((name) => `\\${name}`),
]);

/**
 * Whether a piece of LaTeX is one product, and so what plain typing would divide: numbers, letters, brackets, fractions
 * and bars side by side, every bracket closed, and no sign between them that parts terms or items.
 */
export function isProduct(latex: string): boolean {
  let open = 0;
  let bars = 0;
  for (const piece of latex.match(PIECES) ?? []) {
    bars += piece === '|' && open === 0 ? 1 : 0;
    open += OPENS.has(piece) ? 1 : CLOSES.has(piece) ? -1 : 0;
    if (open < 0 || (open === 0 && bars % 2 === 0 && PARTS.has(piece))) {
      return false;
    }
  }
  return latex !== '' && open === 0 && bars % 2 === 0;
}
