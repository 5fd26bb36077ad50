import { expect, test } from 'vitest';
import { pieces } from './RichText';

test('mathematics stands between dollar signs', () => {
  expect(pieces('Write $3.85$ here.').map((p) => [p.math, p.text])).toEqual([
    [false, 'Write '],
    [true, '3.85'],
    [false, ' here.'],
  ]);
});

test('an escaped dollar sign is money', () => {
  expect(pieces('costs \\$45, or $x$').map((p) => [p.math, p.text])).toEqual([
    [false, 'costs $45, or '],
    [true, 'x'],
  ]);
});
