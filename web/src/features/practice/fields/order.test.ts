import { describe, expect, it } from 'vitest';
import { listOf, moved, placed, taken } from './order';

describe('an order', () => {
  it('is a list of ids', () => {
    expect(listOf('b,a,c')).toEqual(['b', 'a', 'c']);
    expect(listOf('')).toEqual([]);
  });

  it('takes one to a place, from wherever it was', () => {
    expect(placed(['b', 'a', 'c'], 'c', 0)).toEqual(['c', 'b', 'a']);
    expect(placed(['b', 'a', 'c'], 'b', 2)).toEqual(['a', 'c', 'b']);
    expect(placed(['b'], 'd', 3)).toEqual(['b', 'd']);
  });

  it('moves one by one place, and not beyond its ends', () => {
    expect(moved(['b', 'a', 'c'], 'a', -1)).toEqual(['a', 'b', 'c']);
    expect(moved(['b', 'a', 'c'], 'a', 1)).toEqual(['b', 'c', 'a']);
    expect(moved(['b', 'a', 'c'], 'b', -1)).toEqual(['b', 'a', 'c']);
    expect(moved(['b', 'a', 'c'], 'c', 1)).toEqual(['b', 'a', 'c']);
  });

  it('gives one back', () => {
    expect(taken(['b', 'a', 'c'], 'a')).toEqual(['b', 'c']);
  });
});
