import { describe, expect, test } from 'vitest';
import { type Boxes, rooted, stepBack, stroke } from './boxes';

/** Types a text and writes down where boxes open and are left: [ and ]. */
function boxed(text: string): string {
  let boxes: Boxes = [];
  let out = '';
  let word = '';
  for (const key of text) {
    const { leave, boxes: open } = stroke(boxes, key);
    const opened = open.length - (boxes.length - leave);
    out += ']'.repeat(leave) + key + '['.repeat(opened);
    boxes = open;
    word += key;
    if (word.endsWith('sqrt')) {
      boxes = rooted(boxes);
      out += '[';
    }
  }
  return out + ']'.repeat(boxes.length);
}

describe('boxes are left where plain typing ends the operand', () => {
  test.each([
    ['x^2+1', 'x^[2]+1'],
    ['x^12+1', 'x^[12]+1'],
    ['x^2y', 'x^[2]y'],
    ['x^-2 + 1', 'x^[-2] + 1'],
    ['x^(a+1)-2', 'x^[(a+1)]-2'],
    ['2^3^2', '2^[3^[2]]'],
    ['1/2+3', '1/[2]+3'],
    ['1/2x', '1/[2]x'],
    ['1/2/3', '1/[2]/[3]'],
    ['1/x^2-x', '1/[x^[2]]-x'],
    ['x/-2+1', 'x/[-2]+1'],
    ['(1/2, 3)', '(1/[2], 3)'],
    ['sqrt(x+1)+2', 'sqrt[(x+1)]+2'],
    ['sqrt2x', 'sqrt[2]x'],
    ['1/sqrt(2)+1', '1/[sqrt[(2)]]+1'],
    ['1/pi+2', '1/[pi]+2'],
    ['1/|x-2|+3', '1/[|x-2|]+3'],
    ['1 / 2 + 3', '1 /[ 2] + 3'],
    ['(x^2)', '(x^[2])'],
    ['1.5/2.5=x', '1.5/[2.5]=x'],
  ])('%s', (typed, wanted) => expect(boxed(typed)).toBe(wanted));
});

test('a step back takes a key, then the box', () => {
  const { boxes } = stroke(stroke([], '^').boxes, '1');
  expect(stepBack(boxes)).toEqual([{ sign: '^', typed: '' }]);
  expect(stepBack(stepBack(boxes))).toEqual([]);
  expect(stepBack([])).toEqual([]);
});
