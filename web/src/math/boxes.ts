/**
 * Which boxes of a math field are open because of what was typed: a raised exponent after ^, the lower part of a
 * fraction after /, the inside of a root after sqrt. Plain typing has no boxes; there one operand follows the sign, and
 * what comes behind it belongs to the line again. This keeps to that rule, so that x^12+1 and 1/2+3 mean the same in
 * both kinds of field.
 */
export type Boxes = readonly Box[];

/** @param typed what was typed into it so far, without what stands in boxes of its own */
export type Box = { sign: '^' | '/' | 'sqrt'; typed: string };

/** What one key does: boxes to leave first, and the boxes that are open after it. */
export type Stroke = { leave: number; boxes: Boxes };

const NAMES = ['sqrt', 'root', 'pi', 'inf', 'infinity'];

function depth(text: string): number {
  return [...text].reduce((open, c) => open + ('([{'.includes(c) ? 1 : ')]}'.includes(c) ? -1 : 0), 0);
}

const unsigned = (text: string) => text.replace(/^[+\-−\s]+/, '');

/** Whether the next key still belongs to the one operand in the box. */
function takes({ sign, typed }: Box, key: string): boolean {
  const operand = unsigned(typed);
  if (operand === '') {
    return !')]},;=<>/*'.includes(key);
  }
  if (depth(operand) > 0 || (operand.startsWith('|') && !operand.slice(1).includes('|'))) {
    return true;
  }
  if (NAMES.some((name) => name.startsWith(operand + key)) || (operand === 'root' && key === '(')) {
    return true;
  }
  if (/^[\d.]+$/.test(operand) && /[\d.]/.test(key)) {
    return true;
  }
  return key === '^' && sign !== 'sqrt';
}

/** @param key one character */
export function stroke(boxes: Boxes, key: string): Stroke {
  let left = [...boxes];
  while (left.length > 0 && !takes(left.at(-1) ?? { sign: '^', typed: '' }, key)) {
    left = left.slice(0, -1);
  }
  const leave = boxes.length - left.length;
  const within = left.at(-1);
  if (within !== undefined) {
    left = left.with(-1, { ...within, typed: within.typed + key });
  }
  if (key === '^' || key === '/') {
    left = [...left, { sign: key, typed: '' }];
  }
  return { leave, boxes: left };
}

/** After the name of the root has been typed, its inside is open. */
export function rooted(boxes: Boxes): Boxes {
  return [...boxes, { sign: 'sqrt', typed: '' }];
}

/** After a step back: the last key of the innermost box is gone, or the box itself. */
export function stepBack(boxes: Boxes): Boxes {
  const within = boxes.at(-1);
  if (within === undefined) {
    return boxes;
  }
  return within.typed === '' ? boxes.slice(0, -1) : boxes.with(-1, { ...within, typed: within.typed.slice(0, -1) });
}
