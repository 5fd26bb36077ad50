/** What stands in the calculator, and where the caret is. */
export type Typed = { text: string; at: number };

/** Whether the caret is inside a sum or a mean, where commas part the numbers. */
function inList(before: string): boolean {
  const opens = Math.max(before.lastIndexOf('sum('), before.lastIndexOf('mean('));
  return opens >= 0 && !before.slice(opens).includes(')');
}

/** Puts a key at the caret. */
export function put({ text, at }: Typed, key: string): Typed {
  return { text: text.slice(0, at) + key + text.slice(at), at: at + key.length };
}

/**
 * Brings numbers in where the caret is, never glued to a number that stands there: with commas in a list, else with a
 * space.
 */
export function bringIn(typed: Typed, numbers: string[]): Typed {
  const before = typed.text.slice(0, typed.at);
  const after = typed.text.slice(typed.at);
  const parts = inList(before) ? ', ' : ' ';
  const lead = /[\d.)%]\s*$/.test(before) ? parts : '';
  const trail = /^\s*[\d.]/.test(after) ? parts : '';
  return put(typed, lead + numbers.join(', ') + trail);
}

export function back({ text, at }: Typed): Typed {
  return at === 0 ? { text, at } : { text: text.slice(0, at - 1) + text.slice(at), at: at - 1 };
}
