import { Tex } from './Tex';

type Piece = { at: number; math: boolean; text: string };

/** Splits at $ signs; `\$` is a dollar sign. */
export function pieces(text: string): Piece[] {
  const found: Piece[] = [];
  let math = false;
  let current = '';
  let from = 0;
  for (let i = 0; i <= text.length; i++) {
    const c = text[i];
    if (c === '\\' && text[i + 1] === '$' && !math) {
      current += '$';
      i++;
    } else if (c === '$' || c === undefined) {
      if (current !== '') {
        found.push({ at: from, math, text: current });
      }
      math = !math;
      current = '';
      from = i + 1;
    } else {
      current += c;
    }
  }
  return found;
}

/** A text of the server: plain, with mathematics between $ signs. */
export function RichText({ text }: { text: string }) {
  return (
    <>
      {pieces(text).map((piece) =>
        piece.math ? <Tex key={piece.at} latex={piece.text} /> : <span key={piece.at}>{piece.text}</span>,
      )}
    </>
  );
}
