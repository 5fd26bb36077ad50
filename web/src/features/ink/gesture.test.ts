import { describe, expect, it } from 'vitest';
import { begin, chosenBy, followed, result, type Spot } from './gesture';
import { bounds, type Stroke } from './strokes';
import { FIRST, type Tool } from './tools';
import { fitted, onPage, panned, zoomed } from './view';

const spot = (x: number, y: number, pressure = 0.5, at = 0): Spot => ({ x, y, pressure, at });
const line: Stroke = {
  id: 'line',
  tool: 'PEN',
  width: 2,
  colour: 'BLACK',
  points: Array.from({ length: 11 }, (_, i) => [i * 10, 50, 0.5, i]).flat(),
};
const run = (tool: Tool, ...spots: Spot[]) => {
  const [first = spot(0, 0), ...rest] = spots;
  return rest.reduce(followed, begin(first, { ...FIRST, tool }, [line], null));
};

describe('what a tool does', () => {
  it('a pen keeps place, pressure and time, and leaves out what says nothing new', () => {
    const drawn = result(run('pen', spot(1, 2, 0.2, 100), spot(1.1, 2.1, 0.3, 104), spot(9, 8, 0.71, 120)), [line]).at(
      -1,
    );
    expect(drawn?.points).toEqual([1, 2, 0.2, 0, 9, 8, 0.71, 20]);
  });

  it('a highlighter is wider and another tool', () => {
    const drawn = result(run('highlighter', spot(0, 0), spot(50, 0)), []).at(-1);
    expect(drawn?.tool).toBe('HIGHLIGHTER');
    expect(drawn?.width).toBeGreaterThan(10);
  });

  it('a ruler line is straight, whatever the way there', () => {
    const drawn = result(run('ruler', spot(0, 0), spot(7, 40), spot(80, 0)), []);
    expect(bounds(drawn)).toEqual({ left: 0, right: 80, top: 0, bottom: 0 });
  });

  it('one eraser takes the stroke, the other a part of it', () => {
    expect(result(run('stroke-eraser', spot(50, 0), spot(50, 50)), [line])).toEqual([]);
    expect(result(run('area-eraser', spot(50, 0), spot(50, 50)), [line])).toHaveLength(2);
  });

  it('a box chooses what is whole inside, a tap what lies under it', () => {
    expect(chosenBy(run('select', spot(-5, 40), spot(105, 60)), [line])).toEqual(['line']);
    expect(chosenBy(run('select', spot(-5, 40), spot(50, 60)), [line])).toEqual([]);
    expect(chosenBy(run('select', spot(50, 51), spot(50, 51)), [line])).toEqual(['line']);
  });

  it('what is chosen is moved from inside its box', () => {
    const held = begin(spot(50, 50), { ...FIRST, tool: 'select' }, [line], { ids: ['line'], box: bounds([line]) });
    const there = result(followed(held, spot(60, 80)), [line]);
    expect(bounds(there)).toEqual({ left: 10, right: 110, top: 80, bottom: 80 });
    expect(there[0]?.id).toBe('line');
  });
});

describe('the window onto the page', () => {
  it('keeps the point under the pointer when it gets larger', () => {
    const view = panned(fitted(340), 0, -100, 340);
    const before = onPage(view, 120, 80);
    const after = onPage(zoomed(view, 1.7, 120, 80, 340), 120, 80);
    expect(after[0]).toBeCloseTo(before[0], 6);
    expect(after[1]).toBeCloseTo(before[1], 6);
  });

  it('never loses the page', () => {
    expect(panned(fitted(340), 0, 5000, 340).y).toBe(60);
    expect(panned(fitted(340), -5000, 0, 340).x).toBe(-60);
    expect(zoomed(fitted(340), 1000, 0, 0, 340).scale).toBe(5);
  });
});
