import { describe, expect, it } from 'vitest';
import { layout, type MapSkill, neighbour, NODE } from './layout';

function skill(id: string, strand: string, depth: number, prerequisites: string[] = []): MapSkill {
  return { id, name: id, strand, depth, prerequisites, missing: [], way: [], status: 'READY', assignmentId: 'own' };
}

const SKILLS = [
  skill('a', 'one', 0),
  skill('b', 'one', 0),
  skill('c', 'one', 1, ['a']),
  skill('d', 'two', 2, ['c', 'b']),
];

describe('layout', () => {
  const { placed, bands, width, height } = layout(SKILLS);
  const at = (id: string) => {
    const found = placed.find((p) => p.skill.id === id);
    if (found === undefined) {
      throw new Error(`no ${id}`);
    }
    return found;
  };
  const [first = { y: 0, height: 0 }, second = { y: 0, height: 0 }] = bands;

  it('puts every skill right of its prerequisites', () => {
    for (const p of placed) {
      for (const before of p.skill.prerequisites) {
        expect(at(before).x + NODE.width).toBeLessThan(p.x);
      }
    }
  });
  it('lets no two skills overlap', () => {
    for (const p of placed) {
      for (const q of placed) {
        const apart = p === q || Math.abs(p.x - q.x) >= NODE.width || Math.abs(p.y - q.y) >= NODE.height;
        expect(apart, `${p.skill.id} ${q.skill.id}`).toBe(true);
      }
    }
  });
  it('gives each strand its own band', () => {
    expect(bands.map((b) => b.strand)).toEqual(['one', 'two']);
    expect(second.y).toBe(first.height);
    expect(at('d').y).toBeGreaterThan(second.y);
  });
  it('holds everything inside', () => {
    expect(Math.max(...placed.map((p) => p.x + NODE.width))).toBeLessThanOrEqual(width);
    expect(Math.max(...placed.map((p) => p.y + NODE.height))).toBeLessThanOrEqual(height);
  });
  it('is empty without skills', () => {
    expect(layout([]).placed).toEqual([]);
  });
  it('is walked along the graph by the arrow keys', () => {
    expect(neighbour(placed, at('a'), 'ArrowRight')).toBe(at('c'));
    expect(neighbour(placed, at('d'), 'ArrowLeft')).toBe(at('b'));
    expect(neighbour(placed, at('a'), 'ArrowUp')).toBeUndefined();
    expect(neighbour(placed, at('d'), 'ArrowDown')).toBeUndefined();
    expect(neighbour(placed, at('a'), 'x')).toBeUndefined();
  });
});
