import { describe, expect, it } from 'vitest';
import { bounds, count, moved, rubbed, straight, type Stroke, touches, within } from './strokes';

const stroke = (id: string, ...xy: [number, number][]): Stroke => ({
  id,
  tool: 'PEN',
  width: 2,
  colour: 'BLACK',
  points: xy.flatMap(([x, y], i) => [x, y, 0.5, i * 8]),
});
const across = stroke('a', [0, 0], [10, 0], [20, 0], [30, 0], [40, 0]);
const ids = () => {
  let n = 0;
  return () => `piece${(n += 1)}`;
};

describe('strokes', () => {
  it('are touched along their whole length, not only at their points', () => {
    const long = stroke('l', [0, 0], [100, 0]);
    expect(touches(long, 50, 5, 5)).toBe(true);
    expect(touches(long, 50, 20, 5)).toBe(false);
    expect(touches(stroke('dot', [5, 5]), 6, 5, 2)).toBe(true);
  });

  it('are cut in two where a part is rubbed out', () => {
    const left = rubbed(across, 20, 0, 5, ids());
    expect(left.map((s) => s.points.filter((_, i) => i % 4 === 0))).toEqual([
      [0, 10],
      [30, 40],
    ]);
    expect(left.map((s) => s.id)).toEqual(['piece1', 'piece2']);
  });

  it('stay the very same when the eraser is elsewhere', () => {
    expect(rubbed(across, 20, 50, 5, ids())).toEqual([across]);
    expect(rubbed(across, 20, 50, 5, ids())[0]).toBe(across);
  });

  it('are gone when nothing of them is left', () => {
    expect(rubbed(stroke('dot', [5, 5]), 5, 5, 4, ids())).toEqual([]);
  });

  it('are moved in place and keep pressure and time', () => {
    const there = moved(across, 5, -2.5);
    expect(bounds([there])).toEqual({ left: 5, right: 45, top: -2.5, bottom: -2.5 });
    expect(there.points[2]).toBe(0.5);
    expect(there.points[7]).toBe(8);
  });

  it('are chosen by a box around all of them', () => {
    expect(within(across, { left: -1, right: 41, top: -1, bottom: 1 })).toBe(true);
    expect(within(across, { left: -1, right: 39, top: -1, bottom: 1 })).toBe(false);
  });

  it('that are straight have points close enough to be cut', () => {
    const ruled = { ...across, points: straight(0, 0, 100, 0) };
    expect(count(ruled)).toBe(26);
    expect(rubbed(ruled, 50, 0, 5, ids())).toHaveLength(2);
  });
});
