import type { Schemas } from '../../api/client';

export type MapSkill = Schemas['MapSkill'];
/** A skill in its place; `x` and `y` in pixels of the map. */
export type Placed = { skill: MapSkill; x: number; y: number };
/** @param known how many skills of the strand are known, of all of it */
export type Band = { strand: string; y: number; height: number; known: number; all: number };

export const NODE = { width: 166, height: 37 };
/** From one column, and one row, to the next. */
export const STEP = { column: 185, row: 42 };
/** Room for the names of the strands. */
const LEFT = 118;
const BAND_TOP = 4;

/**
 * Columns by the longest chain of prerequisites, one band a strand; skills of a strand that share a column stand below
 * each other.
 */
export function layout(skills: MapSkill[]): { placed: Placed[]; bands: Band[]; width: number; height: number } {
  const placed: Placed[] = [];
  const bands: Band[] = [];
  let top = 0;
  for (const strand of [...new Set(skills.map((s) => s.strand))]) {
    const filled = new Map<number, number>();
    for (const skill of skills.filter((s) => s.strand === strand)) {
      const row = filled.get(skill.depth) ?? 0;
      filled.set(skill.depth, row + 1);
      placed.push({ skill, x: LEFT + skill.depth * STEP.column, y: top + BAND_TOP + row * STEP.row });
    }
    const height = BAND_TOP + Math.max(0, ...filled.values()) * STEP.row + 4;
    const own = skills.filter((s) => s.strand === strand);
    bands.push({
      strand,
      y: top,
      height,
      known: own.filter((s) => s.status === 'KNOWN' || s.status === 'REFRESH').length,
      all: own.length,
    });
    top += height;
  }
  const depth = Math.max(0, ...skills.map((s) => s.depth));
  return { placed, bands, width: LEFT + 4 + depth * STEP.column + NODE.width, height: top };
}

/** The skill that an arrow key leads to: along the graph to the sides, else up and down the page. */
export function neighbour(placed: Placed[], from: Placed, key: string): Placed | undefined {
  const after = placed.filter((p) => p.skill.prerequisites.includes(from.skill.id));
  const before = placed.filter((p) => from.skill.prerequisites.includes(p.skill.id));
  const column = placed.toSorted((a, b) => a.y - b.y || a.x - b.x);
  const at = column.indexOf(from);
  switch (key) {
    case 'ArrowRight':
      return after[0];
    case 'ArrowLeft':
      return before[0];
    case 'ArrowDown':
      return column[at + 1];
    case 'ArrowUp':
      return column[at - 1];
    default:
      return undefined;
  }
}
