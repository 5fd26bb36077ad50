import { describe, expect, it } from 'vitest';
import { PLOT } from '../../../testing/scenes';
import { indexAt, MOVES, moved, pointsOf, snapped, textOf } from './plotting';

describe('points of an entry', () => {
  it('are read in their order', () =>
    expect(pointsOf('(1, 2), (-3, 0.5)')).toEqual([
      { x: 1, y: 2 },
      { x: -3, y: 0.5 },
    ]));
  it('are none in anything else', () => expect(pointsOf('one')).toEqual([]));
  it('are written as they are read', () => expect(pointsOf(textOf([{ x: -1, y: 4 }]))).toEqual([{ x: -1, y: 4 }]));
});

describe('a place on the grid', () => {
  it('goes to the next crossing', () => expect(snapped(PLOT, { x: 1.4, y: -2.6 })).toEqual({ x: 1, y: -3 }));
  it('stays inside', () => expect(snapped(PLOT, { x: 9, y: -7 })).toEqual({ x: 5, y: -5 }));
  it('knows steps of two', () => expect(snapped({ ...PLOT, step: 2 }, { x: 2.9, y: 3.1 })).toEqual({ x: 2, y: 4 }));
  it.each([
    ['ArrowUp', { x: 1, y: 2 }],
    ['ArrowDown', { x: 1, y: 0 }],
    ['ArrowLeft', { x: 0, y: 1 }],
    ['ArrowRight', { x: 2, y: 1 }],
  ])('%s moves by one line', (key, there) => expect(moved(PLOT, { x: 1, y: 1 }, MOVES[key] ?? [9, 9])).toEqual(there));
  it('is not moved out', () => expect(moved(PLOT, { x: 5, y: 5 }, [1, 1])).toEqual({ x: 5, y: 5 }));
});

describe('which point a press is for', () => {
  const a = { x: 0, y: 0 };
  const b = { x: 4, y: 0 };
  it('the first, then the second', () => expect([indexAt([], a), indexAt([a], a)]).toEqual([0, 1]));
  it('then the nearer one', () =>
    expect([indexAt([a, b], { x: 1, y: 1 }), indexAt([a, b], { x: 3, y: 1 })]).toEqual([0, 1]));
});
