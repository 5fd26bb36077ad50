import { describe, expect, it } from 'vitest';
import type { MapSkill } from './layout';
import { closer, readyFirst, regionsOf } from './regions';

const skill = (id: string, strand: string, depth: number, status: MapSkill['status']): MapSkill => ({
  id,
  name: id,
  strand,
  depth,
  prerequisites: [],
  missing: [],
  way: [],
  status,
  assignmentId: 'own',
});

const SKILLS = [
  skill('a', 'one', 0, 'KNOWN'),
  skill('b', 'one', 1, 'REFRESH'),
  skill('c', 'two', 3, 'READY'),
  skill('d', 'one', 4, 'IN_PROGRESS'),
  skill('e', 'two', 6, 'LOCKED'),
  skill('f', 'one', 2, 'READY'),
];

describe('regions', () => {
  it('are the strands, each with what is known and what can be done', () => {
    expect(regionsOf(SKILLS).map(({ strand, known, ready, skills }) => [strand, known, ready, skills.length])).toEqual([
      ['one', 2, 2, 4],
      ['two', 0, 1, 2],
    ]);
  });

  it('begin on the left, without empty columns, in the same order', () => {
    expect(closer(SKILLS.filter((s) => s.strand === 'two')).map((s) => s.depth)).toEqual([0, 1]);
    expect(closer(SKILLS).map((s) => s.depth)).toEqual([0, 1, 3, 4, 5, 2]);
  });

  it('name first what is under way, then what is ready', () => {
    expect(readyFirst(SKILLS).map((s) => s.id)).toEqual(['d', 'f', 'c']);
  });
});
