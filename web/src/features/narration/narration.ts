/** What is read aloud, sentence by sentence. `show` is the text as written, `math` LaTeX that stands with it. */
export type Line = { show: string; math?: string };
export type Track = { title: string; lines: Line[] };

/**
 * Milliseconds that a caption stands where no voice reads it.
 *
 * @param rate 1 is reading pace, about 170 words a minute
 */
export function captionTime(sentence: string, rate: number): number {
  const words = sentence.trim().split(/\s+/).length;
  return (900 + words * 350) / rate;
}

/** The text of a line for the server, which says its mathematics in words. */
export function source(line: Line): string {
  return line.math === undefined || line.math === '' ? line.show : `${line.show} $${line.math}$`;
}
