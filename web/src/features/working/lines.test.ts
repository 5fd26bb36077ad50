import { describe, expect, it } from 'vitest';
import { type Action, after, counted, keptOf, pageOf } from './lines';

const texts = (...lines: string[]) => pageOf(lines.map((text) => ({ text, struck: false })));
const run = (page: ReturnType<typeof texts>, ...actions: Action[]) => actions.reduce(after, page);
const read = (page: ReturnType<typeof texts>) => page.lines.map((l) => (l.struck ? `(${l.text})` : l.text)).join('|');

describe('a page of lines', () => {
  it('begins with one empty line', () => {
    expect(keptOf(pageOf([]))).toEqual([{ text: '', struck: false }]);
  });

  it('gets a new line below with Enter', () => {
    expect(read(run(texts('a', 'b'), { do: 'enter', at: 0 }, { do: 'type', at: 1, text: 'new' }))).toBe('a|new|b');
  });

  it('moves lines, but not beyond its ends', () => {
    expect(read(run(texts('a', 'b', 'c'), { do: 'move', at: 2, to: 0 }))).toBe('c|a|b');
    const page = texts('a', 'b');
    expect(after(page, { do: 'move', at: 0, to: -1 })).toBe(page);
    expect(after(page, { do: 'move', at: 1, to: 2 })).toBe(page);
  });

  it('copies a line down as one that counts', () => {
    expect(read(run(texts('a', 'b'), { do: 'strike', at: 0 }, { do: 'copy', at: 0 }))).toBe('(a)|a|b');
  });

  it('keeps what is struck through and leaves it out of the count', () => {
    const page = run(texts('a', 'b', 'c'), { do: 'strike', at: 1 });
    expect(counted(page.lines)).toEqual({ texts: ['a', 'c'], places: [0, -1, 1] });
    expect(keptOf(page)[1]).toEqual({ text: 'b', struck: true });
  });

  it('never loses its last line', () => {
    const page = texts('a');
    expect(after(page, { do: 'remove', at: 0 })).toBe(page);
  });

  it('undoes moving, copying, striking and removing, one after another', () => {
    const page = run(
      texts('a', 'b'),
      { do: 'move', at: 0, to: 1 },
      { do: 'copy', at: 0 },
      { do: 'strike', at: 0 },
      { do: 'remove', at: 2 },
    );
    const back: Action = { do: 'undo' };
    expect(read(page)).toBe('(b)|b');
    expect(read(run(page, back))).toBe('(b)|b|a');
    expect(read(run(page, back, back, back, back, back))).toBe('a|b');
  });

  it('gives every line an id of its own, also after undoing', () => {
    const page = run(texts('a'), { do: 'copy', at: 0 }, { do: 'undo' }, { do: 'copy', at: 0 }, { do: 'enter', at: 0 });
    expect(new Set(page.lines.map((l) => l.id)).size).toBe(page.lines.length);
  });

  it('opens what is LaTeX in a math field', () => {
    expect(texts('\\frac{1}{2}', 'x = 2').lines.map((l) => l.math)).toEqual([true, false]);
  });
});
