/**
 * One line of a page.
 *
 * @param id never changes while the page is open
 * @param math whether it is written in a math field
 */
export type Line = { id: number; text: string; struck: boolean; math: boolean };
/** @param past pages before each change of the order, the latest last */
export type Page = { lines: Line[]; past: Line[][]; next: number };

export type Action =
  | { do: 'type'; at: number; text: string }
  | { do: 'enter'; at: number }
  | { do: 'remove'; at: number }
  | { do: 'move'; at: number; to: number }
  | { do: 'copy'; at: number }
  | { do: 'strike'; at: number }
  | { do: 'math'; at: number }
  | { do: 'undo' };

type Kept = { text: string; struck: boolean };

export function pageOf(kept: Kept[]): Page {
  const lines = (kept.length === 0 ? [{ text: '', struck: false }] : kept).map((line, id) => ({
    ...line,
    id,
    math: line.text.includes('\\'),
  }));
  return { lines, past: [], next: lines.length };
}

export function keptOf(page: Page): Kept[] {
  return page.lines.map(({ text, struck }) => ({ text, struck }));
}

function changed(page: Page, lines: Line[]): Page {
  return { lines, past: [...page.past, page.lines], next: page.next };
}

/** The page after an action; the same page where there is nothing to do. */
export function after(page: Page, action: Action): Page {
  if (action.do === 'undo') {
    const before = page.past.at(-1);
    return before === undefined ? page : { lines: before, past: page.past.slice(0, -1), next: page.next };
  }
  const line = page.lines[action.at];
  if (line === undefined) {
    return page;
  }
  switch (action.do) {
    case 'type':
      return { ...page, lines: page.lines.with(action.at, { ...line, text: action.text }) };
    case 'enter':
      return {
        ...page,
        lines: page.lines.toSpliced(action.at + 1, 0, { id: page.next, text: '', struck: false, math: line.math }),
        next: page.next + 1,
      };
    case 'remove':
      return page.lines.length === 1 ? page : changed(page, page.lines.toSpliced(action.at, 1));
    case 'move':
      return action.to < 0 || action.to >= page.lines.length
        ? page
        : changed(page, page.lines.toSpliced(action.at, 1).toSpliced(action.to, 0, line));
    case 'copy':
      return {
        ...changed(page, page.lines.toSpliced(action.at + 1, 0, { ...line, id: page.next, struck: false })),
        next: page.next + 1,
      };
    case 'strike':
      return changed(page, page.lines.with(action.at, { ...line, struck: !line.struck }));
    case 'math':
      return { ...page, lines: page.lines.with(action.at, { ...line, math: !line.math }) };
    default: {
      const never: never = action;
      return never;
    }
  }
}

/** The texts that are checked, and for each line its place among them, −1 for one that is struck through. */
export function counted(lines: Line[]): { texts: string[]; places: number[] } {
  const texts: string[] = [];
  const places = lines.map((line) => (line.struck ? -1 : texts.push(line.text) - 1));
  return { texts, places };
}
