import { NODE, type Placed, STEP } from './layout';

/**
 * The way from a skill to one that builds on it.
 *
 * @param path as SVG takes it, corners rounded
 * @param ids of the two skills
 */
export type Trail = { from: string; to: string; path: string };

type Point = { x: number; y: number };

const CORNER = 5;
/** Room between two columns, and half of that between two rows, in which trails run. */
const GUTTER = STEP.column - NODE.width;
const BETWEEN_ROWS = (STEP.row - NODE.height) / 2;
/** Ways out and ways in keep a little apart. */
const APART = 2;

/** Trails run in the gutters between columns and in the gaps between rows, and so never behind a skill. */
export function trails(placed: Placed[]): Trail[] {
  const at = new Map(placed.map((p) => [p.skill.id, p]));
  return placed.flatMap((to) =>
    to.skill.prerequisites.flatMap((id) => {
      const from = at.get(id);
      return from === undefined ? [] : [{ from: id, to: to.skill.id, path: rounded(corners(from, to)) }];
    }),
  );
}

/** Where a trail begins, turns and ends; each leg is level or upright. */
export function corners(from: Placed, to: Placed): Point[] {
  const start = { x: from.x + NODE.width, y: from.y + NODE.height / 2 };
  const end = { x: to.x, y: to.y + NODE.height / 2 };
  const left = start.x + GUTTER / 2 - APART;
  if (end.x - start.x <= GUTTER) {
    return [start, { x: left, y: start.y }, { x: left, y: end.y }, end];
  }
  const right = end.x - GUTTER / 2 + APART;
  const gap = to.y > from.y ? to.y - BETWEEN_ROWS : to.y + NODE.height + BETWEEN_ROWS;
  return [start, { x: left, y: start.y }, { x: left, y: gap }, { x: right, y: gap }, { x: right, y: end.y }, end];
}

function rounded(points: Point[]): string {
  return points
    .map((p, i) => {
      const before = points[i - 1];
      const after = points[i + 1];
      if (before === undefined || after === undefined) {
        return `${before === undefined ? 'M' : 'L'}${p.x} ${p.y}`;
      }
      const [a, b] = [toward(p, before), toward(p, after)];
      return `L${a.x} ${a.y}Q${p.x} ${p.y} ${b.x} ${b.y}`;
    })
    .join('');
}

/** A step from a corner along one of its legs, half of a short one at most. */
function toward(p: Point, q: Point): Point {
  const length = Math.abs(q.x - p.x) + Math.abs(q.y - p.y);
  const share = length === 0 ? 0 : Math.min(CORNER, length / 2) / length;
  return { x: p.x + (q.x - p.x) * share, y: p.y + (q.y - p.y) * share };
}
