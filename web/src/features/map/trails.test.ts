import { describe, expect, it } from 'vitest';
import { layout, type MapSkill, NODE } from './layout';
import { corners, trails } from './trails';

const skill = (id: string, strand: string, depth: number, prerequisites: string[] = []): MapSkill => ({
  id,
  name: id,
  strand,
  depth,
  prerequisites,
  missing: [],
  way: [],
  status: 'READY',
  assignmentId: 'own',
});

/** Three strands, with ways that skip columns up and down, and one that goes nowhere. */
const { placed } = layout([
  skill('a', 'one', 0),
  skill('b', 'one', 0),
  skill('c', 'one', 1, ['a', 'b']),
  skill('d', 'two', 2, ['c', 'b']),
  skill('e', 'two', 1, ['a']),
  skill('f', 'one', 3, ['d', 'a']),
  skill('g', 'three', 3, ['a', 'd', 'nowhere']),
]);
const pairs = placed.flatMap((to) =>
  placed.filter((from) => to.skill.prerequisites.includes(from.skill.id)).map((from) => ({ from, to })),
);

describe('the trails of the map', () => {
  it('join each skill to those that build on it', () => {
    expect(
      trails(placed)
        .map((t) => `${t.from}${t.to}`)
        .toSorted(),
    ).toEqual(['ac', 'ae', 'af', 'ag', 'bc', 'bd', 'cd', 'df', 'dg']);
  });
  it('begin at the right of one and end at the left of the other', () => {
    for (const { from, to } of pairs) {
      const way = corners(from, to);
      expect(way[0]).toEqual({ x: from.x + NODE.width, y: from.y + NODE.height / 2 });
      expect(way.at(-1)).toEqual({ x: to.x, y: to.y + NODE.height / 2 });
    }
  });
  it('are level or upright in every leg', () => {
    for (const { from, to } of pairs) {
      const way = corners(from, to);
      for (const [i, p] of way.slice(1).entries()) {
        expect(p.x === way[i]?.x || p.y === way[i]?.y, `${from.skill.id} to ${to.skill.id}`).toBe(true);
      }
    }
  });
  it('run behind no skill', () => {
    for (const { from, to } of pairs) {
      const way = corners(from, to);
      for (const [i, p] of way.slice(1).entries()) {
        const q = way[i] ?? p;
        for (const { skill: over, x, y } of placed) {
          const clear =
            Math.max(p.x, q.x) <= x ||
            Math.min(p.x, q.x) >= x + NODE.width ||
            Math.max(p.y, q.y) <= y ||
            Math.min(p.y, q.y) >= y + NODE.height;
          expect(clear, `${from.skill.id} to ${to.skill.id} over ${over.id}`).toBe(true);
        }
      }
    }
  });
  it('have rounded corners that stay on their legs', () => {
    for (const { path } of trails(placed)) {
      expect(path).toMatch(/^M[\d. ]+(L[\d. ]+Q[\d. ]+)+L[\d. ]+$/);
      expect(path).not.toContain('NaN');
    }
  });
});
