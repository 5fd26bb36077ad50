/** How many there are, in words: “one page”, “1,200 pages”. */
export const counted = (n: number, one: string, many: string) =>
  n === 1 ? `one ${one}` : `${n.toLocaleString('en')} ${many}`;

/** Several things in a sentence: “a, b and c”. */
export function listed(parts: readonly string[]): string {
  return parts.length < 2 ? (parts[0] ?? '') : `${parts.slice(0, -1).join(', ')} and ${parts.at(-1)}`;
}
