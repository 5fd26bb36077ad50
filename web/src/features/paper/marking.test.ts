import { describe, expect, it } from 'vitest';
import { earnedOf, notedOf, sumOf, totalOf, turnedLine } from './marking';
import type { Copy } from './useCopy';

const line = (id: string, earned: boolean) => ({ id, text: id, mark: 1, earned });

// oxlint-disable-next-line typescript/no-unsafe-type-assertion -- only the lines matter here
const COPY = {
  places: [{ lines: [line('step-0', false), line('answer-0-a', true)] }, { lines: [line('step-0', false)] }],
} as Copy;

describe('lines that are ticked', () => {
  it('begin as the server has them', () => {
    expect(earnedOf(COPY)).toEqual([['answer-0-a'], []]);
  });

  it('are turned one by one', () => {
    const more = turnedLine(earnedOf(COPY), 0, 'step-0');
    expect(more).toEqual([['answer-0-a', 'step-0'], []]);
    expect(sumOf(more)).toBe(2);
    expect(turnedLine(more, 0, 'answer-0-a')).toEqual([['step-0'], []]);
  });

  it('are those that were noted here, where they fit the sheet', () => {
    expect(notedOf('[[],["step-0"]]', COPY)).toEqual([[], ['step-0']]);
    for (const odd of ['', 'no list', '[[]]', '[[],[7]]', '{"a":1}']) {
      expect(notedOf(odd, COPY)).toEqual(earnedOf(COPY));
    }
  });
});

describe('a sum alone', () => {
  it('is a number of marks that the sheet has', () => {
    expect(totalOf('0', 12)).toEqual({ total: 0 });
    expect(totalOf(' 12 ', 12)).toEqual({ total: 12 });
    for (const odd of ['', '13', '-1', '1.5', 'all', '1e1']) {
      expect(totalOf(odd, 12)).toBe('');
    }
  });
});
