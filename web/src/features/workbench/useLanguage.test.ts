import { describe, expect, it } from 'vitest';
import { found, type Topic, wordsOf } from './useLanguage';

const line = (written: string, says: string) => ({ written, says, example: '', result: '' });
const TOPICS: Topic[] = [
  { title: 'Drawn', lines: [line('2..9', 'a whole number'), line('a word from goods', 'a word with its plural')] },
  { title: 'Functions', lines: [line('gcd(a, b)', 'the largest number that divides both'), line('floor(a)', 'below')] },
  { title: 'Answers', lines: [line('kind: choice', 'options'), line('point-on', 'a point'), line('floor', 'again')] },
];

describe('the language of documents', () => {
  it('completes functions, keys and kinds, each once', () => {
    expect(wordsOf(TOPICS)).toEqual(['gcd', 'floor', 'choice', 'point-on']);
  });

  it('is found by what is written and by what it does', () => {
    const seen = (word: string) => found(TOPICS, word).map(({ title, lines }) => [title, lines.length]);
    expect(seen(' DIVIDES ')).toEqual([['Functions', 1]]);
    expect(seen('number')).toEqual([
      ['Drawn', 1],
      ['Functions', 1],
    ]);
    expect(seen('zebra')).toEqual([]);
  });

  it('is there in full before a word is typed', () => {
    expect(found(TOPICS, '')).toEqual(TOPICS);
  });
});
