import { expect, test } from 'vitest';
import { back, bringIn, put } from './entry';

const end = (text: string) => ({ text, at: text.length });

test('a key goes where the caret is', () => expect(put({ text: '1+2', at: 1 }, '0')).toEqual({ text: '10+2', at: 2 }));

test.each([
  ['mean(', 'mean(25, 29'],
  ['mean(7', 'mean(7, 25, 29'],
  ['0.6*220 + 40', '0.6*220 + 40 25, 29'],
  ['3*', '3*25, 29'],
  ['', '25, 29'],
])('numbers brought into %s are never glued to it', (text, wanted) =>
  expect(bringIn(end(text), ['25', '29']).text).toBe(wanted),
);

test('nor to what stands behind the caret', () =>
  expect(bringIn({ text: 'sum(4)', at: 4 }, ['25']).text).toBe('sum(25, 4)'));
test('one step back', () => expect(back({ text: '120', at: 2 })).toEqual({ text: '10', at: 1 }));
test('at the beginning there is nothing to take back', () =>
  expect(back({ text: '1', at: 0 })).toEqual({ text: '1', at: 0 }));
