import type { Schemas } from '../../api/client';

export type Waiting = Schemas['WaitingPage'];
export type By = 'skill' | 'student';

/** In the order in which they are read: one kind after the other, within it the longest waiting first. */
export function ordered(waiting: Waiting[], by: By): [string, Waiting[]][] {
  const name = (w: Waiting) => (by === 'skill' ? `${w.skill} · ${w.assignment}` : w.student);
  const names = [...new Set(waiting.map(name))].toSorted((a, b) => a.localeCompare(b));
  return names.map((n) => [n, waiting.filter((w) => name(w) === n)]);
}
