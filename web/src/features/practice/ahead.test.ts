import { describe, expect, it } from 'vitest';
import { ahead, row } from './ahead';
import type { View } from './usePractice';

type Some = {
  kind: View['target']['kind'];
  right?: number;
  missed?: number;
  hoped?: number;
  outcome?: string;
  reached?: boolean;
};

function view({ kind, right = 12, missed = 4, hoped = 6, outcome, reached = false }: Some): View {
  const target = { kind, hoped, reached, flag: 80, inRow: 2, rowWanted: 3 };
  // oxlint-disable-next-line typescript/no-unsafe-type-assertion -- only what is read of it
  return { item: { outcome }, target, forecast: { ifRight: right, ifMissed: missed, atLeast: 3 } } as View;
}

describe('what comes next, in words', () => {
  it('of a score', () =>
    expect(ahead(view({ kind: 'SCORE' }))).toBe('Right leads to 12, missed to 4. The target is 80.'));
  it('of a run', () => expect(ahead(view({ kind: 'RUN' }))).toBe('If right: step 12; if missed: step 4.'));
  it('of the first step, below which there is none', () =>
    expect(ahead(view({ kind: 'RUN', missed: 0, hoped: 0 }))).toBe('If right: step 12; if missed: no step lost.'));
  it('is nothing once the item is closed, or the target reached', () => {
    expect(ahead(view({ kind: 'SCORE', outcome: 'MISSED' }))).toBe('');
    expect(ahead(view({ kind: 'RUN', reached: true }))).toBe('');
  });
  it('says what a row would do', () =>
    expect(row(view({ kind: 'RUN' }))).toBe('2 right in a row; 3 in a row reach the target at once.'));
});
