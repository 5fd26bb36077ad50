import { describe, expect, it } from 'vitest';
import { boxesOf, next, numberOf } from './columns';

const WHOLE = [false, false, false, false];
const MONEY = [false, false, true, false, false];

describe('boxes below columns', () => {
  it.each([
    ['423', ['', '4', '2', '3']],
    ['1423', ['1', '4', '2', '3']],
    ['4_3', ['', '4', '', '3']],
    ['42_', ['', '4', '2', '']],
    ['', ['', '', '', '']],
  ])('of %s stand on the right, and come back', (number, boxes) => {
    expect(boxesOf(number, WHOLE)).toEqual(boxes);
    expect(numberOf(boxes, WHOLE)).toBe(number);
  });

  it.each([
    ['12.05', ['1', '2', '', '0', '5']],
    ['2.5', ['', '2', '', '5', '']],
    ['_._5', ['', '', '', '', '5']],
    ['7', ['', '7', '', '', '']],
  ])('of %s stand around the point', (number, boxes) => {
    expect(boxesOf(number, MONEY)).toEqual(boxes);
    expect(numberOf(boxes, MONEY)).toBe(number);
  });

  it('leave the column of the point out', () => {
    expect(next(MONEY, 3, -1)).toBe(1);
    expect(next(MONEY, 1, 1)).toBe(3);
    expect(next(MONEY, 0, -1)).toBe(-1);
    expect(next(MONEY, 4, 1)).toBe(-1);
  });
});
