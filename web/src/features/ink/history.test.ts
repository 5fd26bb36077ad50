import { describe, expect, it } from 'vitest';
import { applied, difference, draw, parts, redo, sheetOf, together, undo } from './history';
import type { Stroke } from './strokes';

const s = (id: string, x = 0): Stroke => ({ id, tool: 'PEN', width: 2, colour: 'BLACK', points: [x, 0, 0.5, 0] });
const names = (strokes: Stroke[]) => strokes.map((x) => `${x.id}${x.points[0]}`).join(' ');

describe('the history of a sheet', () => {
  it('undoes and redoes without end, in both directions', () => {
    let sheet = sheetOf([s('a')]);
    sheet = draw(sheet, { put: [s('b')], removed: [] });
    sheet = draw(sheet, { put: [s('a', 9)], removed: ['b'] });
    expect(names(sheet.strokes)).toBe('a9');
    [sheet] = undo(sheet);
    expect(names(sheet.strokes)).toBe('a0 b0');
    [sheet] = undo(sheet);
    expect(names(sheet.strokes)).toBe('a0');
    expect(undo(sheet)[0]).toBe(sheet);
    [sheet] = redo(sheet);
    [sheet] = redo(sheet);
    expect(names(sheet.strokes)).toBe('a9');
    expect(redo(sheet)[0]).toBe(sheet);
  });

  it('forgets what was undone as soon as something new is drawn', () => {
    let sheet = draw(sheetOf([]), { put: [s('a')], removed: [] });
    [sheet] = undo(sheet);
    sheet = draw(sheet, { put: [s('b')], removed: [] });
    expect(sheet.undone).toEqual([]);
    expect(names(sheet.strokes)).toBe('b0');
  });

  it('hands out the change that brings another copy of the sheet to the same state', () => {
    let sheet = draw(sheetOf([s('a'), s('b')]), { put: [s('c')], removed: ['a'] });
    const elsewhere = sheet.strokes;
    const [back, change] = undo(sheet);
    expect(names(applied(elsewhere, change))).toBe(names(back.strokes));
    sheet = back;
    expect(difference(sheet.strokes, sheet.strokes)).toEqual({ put: [], removed: [] });
  });
});

describe('changes that wait to be sent', () => {
  it('become one: what is drawn and erased again is only erased', () => {
    const one = together({ put: [s('a'), s('b')], removed: [] }, { put: [s('a', 5)], removed: ['b'] });
    expect(names(one.put)).toBe('a5');
    expect(one.removed).toEqual(['b']);
  });

  it('bring back what was erased before', () => {
    const one = together({ put: [], removed: ['a'] }, { put: [s('a', 2)], removed: [] });
    expect(one).toEqual({ put: [s('a', 2)], removed: [] });
  });

  it('go in parts that are small enough, none left out, erasures last', () => {
    const strokes = Array.from({ length: 10 }, (_, i) => s(`s${i}`));
    const each = JSON.stringify(s('s0')).length;
    const sent = parts({ put: strokes, removed: ['x'] }, each * 3);
    expect(sent.flatMap((p) => p.put)).toEqual(strokes);
    expect(sent.every((p) => p.put.length <= 3)).toBe(true);
    expect(sent.at(-1)?.removed).toEqual(['x']);
  });
});
