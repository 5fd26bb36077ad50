import type { Stroke } from './strokes';

/** What the pointer does on the sheet. */
export type Tool = 'pen' | 'highlighter' | 'ruler' | 'stroke-eraser' | 'area-eraser' | 'select' | 'hand';
/** @param width of the pen in page units */
export type Settings = { tool: Tool; colour: Stroke['colour']; width: number };

export const WIDTHS: [string, number][] = [
  ['fine', 1.6],
  ['medium', 2.6],
  ['broad', 4.5],
  ['heavy', 8],
];
/** A highlighter is as many times as wide as the pen. */
export const HIGHLIGHTER_TIMES = 6;
/** Radius of the erasers, in page units. */
export const ERASER = 9;

export const FIRST: Settings = { tool: 'pen', colour: 'BLACK', width: 2.6 };

export function draws(tool: Tool): boolean {
  return tool === 'pen' || tool === 'highlighter' || tool === 'ruler';
}
