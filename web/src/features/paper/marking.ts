import type { Copy, Marks } from './useCopy';

/** Ids of the lines that are there, one list an item. */
export type Earned = string[][];

/** As the server has them. */
export const earnedOf = ({ places }: Copy): Earned =>
  places.map((place) => place.lines.filter((line) => line.earned).map((line) => line.id));

/** As they were noted on this device, where they fit the sheet. */
export function notedOf(text: string, copy: Copy): Earned {
  try {
    const noted: unknown = JSON.parse(text);
    return Array.isArray(noted) && noted.length === copy.places.length && noted.every(isLines) ? noted : earnedOf(copy);
  } catch {
    return earnedOf(copy);
  }
}

const isLines = (lines: unknown): lines is string[] =>
  Array.isArray(lines) && lines.every((id) => typeof id === 'string');

/** With a line more, or less. */
export const turnedLine = (earned: Earned, place: number, id: string): Earned =>
  earned.map((lines, i) => (i !== place ? lines : lines.includes(id) ? lines.filter((l) => l !== id) : [...lines, id]));

export const sumOf = (earned: Earned) => earned.reduce((sum, lines) => sum + lines.length, 0);

/** The sum alone, as it was typed; empty for what is no number of marks. */
export function totalOf(typed: string, most: number): Marks | '' {
  const total = /^\s*\d{1,4}\s*$/.test(typed) ? Number(typed) : -1;
  return total < 0 || total > most ? '' : { total };
}
