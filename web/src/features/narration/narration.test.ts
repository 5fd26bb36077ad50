import { describe, expect, it } from 'vitest';
import { captionTime, source } from './narration';

describe('captions', () => {
  it('stand longer for longer sentences', () => {
    expect(captionTime('Take the square of both sides now.', 1)).toBeGreaterThan(captionTime('Multiply.', 1));
  });
  it('stand half as long at double pace', () => {
    expect(captionTime('Divide both sides.', 2)).toBeCloseTo(captionTime('Divide both sides.', 1) / 2);
  });
});

describe('source', () => {
  it('puts the mathematics behind the words', () => {
    expect(source({ show: 'Divide.', math: 'x = 4' })).toBe('Divide. $x = 4$');
    expect(source({ show: 'Divide.', math: '' })).toBe('Divide.');
  });
});
