import { expect, test } from 'vitest';
import { isProduct } from './operand';

test.each([
  'x',
  '12',
  'x(x+1)',
  '(x+1)(x-1)',
  '|x-2|',
  '2|x|',
  String.raw`\frac12x`,
  String.raw`\frac{x^{2}}{\frac12}`,
  String.raw`\sqrt{(x+1)}`,
  String.raw`2\cdot x^{-1}`,
  String.raw`\pi`,
  '50%',
])('%s is divided as a whole', (latex) => expect(isProduct(latex)).toBe(true));

test.each([
  '',
  'x+1',
  '-3',
  String.raw`\frac12+3`,
  '(x',
  'x)',
  '(x+1)+2',
  '|x|-|y|',
  '|x',
  'x=3',
  '3,4',
  String.raw`2\:1`,
  String.raw`x\le3`,
  String.raw`\lbrace1`,
  String.raw`\frac12\:3`,
])('%s is not', (latex) => expect(isProduct(latex)).toBe(false));
