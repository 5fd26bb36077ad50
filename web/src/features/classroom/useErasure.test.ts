import { describe, expect, it } from 'vitest';
import { goes } from './useErasure';

const GOING = { name: 'Isa Fern', items: 0, pages: 0, quizzes: 0 };

describe('what goes with an account', () => {
  it('names only what is there', () => {
    expect(goes(GOING)).toBe('This deletes the account of Isa Fern for good. Nobody can bring it back.');
    expect(goes({ ...GOING, items: 12 })).toContain('and with it 12 items with all their answers. Nobody');
  });
  it('counts in words that agree', () => {
    expect(goes({ ...GOING, items: 1, pages: 1, quizzes: 1 })).toContain(
      'one item with its answers, one page of work and one quiz.',
    );
    expect(goes({ ...GOING, items: 1432, pages: 14, quizzes: 2 })).toContain(
      '1,432 items with all their answers, 14 pages of work and 2 quizzes.',
    );
  });
});
