import { describe, expect, it } from 'vitest';
import { counted, listed } from './listed';

describe('things in a sentence', () => {
  it('are counted, the only one in a word', () => {
    expect(counted(1, 'page', 'pages')).toBe('one page');
    expect(counted(0, 'page', 'pages')).toBe('0 pages');
    expect(counted(1200, 'page', 'pages')).toBe('1,200 pages');
  });

  it('have an “and” before the last', () => {
    expect(listed([])).toBe('');
    expect(listed(['a'])).toBe('a');
    expect(listed(['a', 'b'])).toBe('a and b');
    expect(listed(['a', 'b', 'c'])).toBe('a, b and c');
  });
});
