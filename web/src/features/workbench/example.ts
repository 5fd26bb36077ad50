import type { Level, Look } from './useExample';

/** What an author has typed and chosen for one level; ranges by letter, for the numbers that vary. */
export type Sketch = {
  text: string;
  answer: string;
  label: string;
  formula: string;
  ranges: Record<string, { low: string; high: string }>;
  fixed: string[];
};

export const EMPTY: Sketch = { text: '', answer: '', label: 'Answer', formula: '', ranges: {}, fixed: [] };

/** The formula that counts: the one that was chosen or typed, else the first that was found. */
export function formulaOf(sketch: Sketch, look: Look | undefined): string {
  return sketch.formula.trim() === '' ? (look?.ways[0]?.formula ?? '') : sketch.formula;
}

/** As it is sent: every number varies, but for those that are to stay. */
export function levelOf(sketch: Sketch, look: Look | undefined): Level {
  const varied = (look?.numbers ?? []).filter((n) => !sketch.fixed.includes(n.letter));
  return {
    text: sketch.text,
    answer: sketch.answer,
    label: sketch.label,
    formula: formulaOf(sketch, look),
    ranges: varied.map((n) => ({
      letter: n.letter,
      low: sketch.ranges[n.letter]?.low ?? n.low,
      high: sketch.ranges[n.letter]?.high ?? n.high,
    })),
  };
}

/** Whether there is enough of a level to begin with. */
export const isWhole = (level: Level) =>
  level.text.trim().endsWith('?') &&
  level.answer.trim() !== '' &&
  level.formula.trim() !== '' &&
  level.ranges.length > 0;
