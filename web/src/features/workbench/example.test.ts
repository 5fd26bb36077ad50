import { describe, expect, it } from 'vitest';
import { EMPTY, formulaOf, isWhole, levelOf, type Sketch } from './example';
import type { Look } from './useExample';

const LOOK: Look = {
  told: '6 jars cost $42.',
  asked: 'What does one cost?',
  numbers: [
    { letter: 'a', value: '6', low: '3', high: '13' },
    { letter: 'b', value: '42', low: '21', high: '84' },
  ],
  ways: [
    { formula: 'b / a', shown: '42 : 6' },
    { formula: 'b - a', shown: '42 − 6' },
  ],
};

const sketch = (some: Partial<Sketch>): Sketch => ({
  ...EMPTY,
  text: '6 jars cost $42. What does one cost?',
  answer: '7',
  ...some,
});

describe('an item that is typed', () => {
  it('takes the first way, until another one is chosen or typed', () => {
    expect(formulaOf(sketch({}), LOOK)).toBe('b / a');
    expect(formulaOf(sketch({ formula: 'b - a' }), LOOK)).toBe('b - a');
    expect(formulaOf(sketch({ formula: ' ' }), LOOK)).toBe('b / a');
    expect(formulaOf(sketch({}), undefined)).toBe('');
  });

  it('varies every number as far as was proposed, but for what was changed or is to stay', () => {
    expect(levelOf(sketch({}), LOOK).ranges).toEqual([
      { letter: 'a', low: '3', high: '13' },
      { letter: 'b', low: '21', high: '84' },
    ]);
    expect(levelOf(sketch({ fixed: ['a'], ranges: { b: { low: '40', high: '60' } } }), LOOK).ranges).toEqual([
      { letter: 'b', low: '40', high: '60' },
    ]);
  });

  it('is enough once it has a question, an answer, a formula and something that varies', () => {
    expect(isWhole(levelOf(sketch({}), LOOK))).toBe(true);
    expect(isWhole(levelOf(sketch({ text: '6 jars cost $42.' }), LOOK))).toBe(false);
    expect(isWhole(levelOf(sketch({ answer: ' ' }), LOOK))).toBe(false);
    expect(isWhole(levelOf(sketch({ fixed: ['a', 'b'] }), LOOK))).toBe(false);
    expect(isWhole(levelOf(sketch({}), undefined))).toBe(false);
  });
});
