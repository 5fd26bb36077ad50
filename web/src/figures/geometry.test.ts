import { describe, expect, it } from 'vitest';
import { PLOT, square } from '../testing/scenes';
import { across, arcPath, boxOf, linePath, scales } from './geometry';

describe('paths', () => {
  it('go through the points in their order', () =>
    expect(linePath([0, 0, 10, 5, 20, 0], false)).toBe('M0 0L10 5L20 0'));
  it('come back when they are closed', () => expect(linePath([0, 0, 10, 5, 20, 0], true)).toBe('M0 0L10 5L20 0Z'));
  it('turn counter-clockwise', () => {
    const [x1, y1, , , , large, sweep, x2, y2] = (
      arcPath({ x: 50, y: 50, radius: 40, from: 0, to: 90 }).match(/-?[\d.]+(e-\d+)?/g) ?? []
    ).map(Number);
    expect([x1, y1, large, sweep].map((n) => Math.round(n ?? NaN))).toEqual([90, 50, 0, 0]);
    expect([x2, y2].map((n) => Math.round(n ?? NaN))).toEqual([50, 10]);
  });
  it('take the long way over 180 degrees', () =>
    expect(arcPath({ x: 0, y: 0, radius: 1, from: 0, to: 200 })).toContain('A1 1 0 1 0'));
});

it('the box of a spot holds its corners', () =>
  expect(boxOf(square('a', 30))).toEqual({ x: 30, y: 0, width: 10, height: 10 }));

describe('coordinates of a grid', () => {
  const { x, y } = scales(PLOT);
  it('run to the right and upward', () => {
    expect([x(0), y(0)]).toEqual([204, 204]);
    expect([x(1), y(2)]).toEqual([244, 124]);
    expect([x(-5), y(5)]).toEqual([4, 4]);
  });
});

describe('a line through two points', () => {
  it.each([
    ['flat', { x: 0, y: 2 }, { x: 1, y: 2 }, [4, 124, 404, 124]],
    ['upright', { x: 2, y: 0 }, { x: 2, y: 3 }, [284, 404, 284, 4]],
    ['from corner to corner', { x: 0, y: 0 }, { x: 1, y: 1 }, [4, 404, 404, 4]],
    ['falling', { x: 0, y: 0 }, { x: 1, y: -2 }, [104, 4, 304, 404]],
    ['downward first', { x: 1, y: 1 }, { x: 0, y: 0 }, [404, 4, 4, 404]],
  ] as const)('%s reaches from edge to edge', (_, a, b, ends) => {
    expect(across(PLOT, a, b)?.map((n) => Math.round(n * 1e6) / 1e6)).toEqual(ends);
  });
  it('is none through one point', () => expect(across(PLOT, { x: 1, y: 1 }, { x: 1, y: 1 })).toBeNull());
});
