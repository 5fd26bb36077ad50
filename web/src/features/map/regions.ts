import type { MapSkill } from './layout';

/** From so many skills on, the map is shown by regions first: more do not fit into one picture. */
export const MANY = 40;

/** @param ready how many can be begun, gone on with or refreshed now */
export type Region = { strand: string; skills: MapSkill[]; known: number; ready: number };

const isNow = ({ status }: MapSkill) => status === 'READY' || status === 'IN_PROGRESS';

/** The strands in their order; what is known counts though it is due for a refresh. */
export function regionsOf(skills: MapSkill[]): Region[] {
  return [...new Set(skills.map((s) => s.strand))].map((strand) => {
    const own = skills.filter((s) => s.strand === strand);
    return {
      strand,
      skills: closer(own),
      known: own.filter((s) => s.status === 'KNOWN' || s.status === 'REFRESH').length,
      ready: own.filter(isNow).length,
    };
  });
}

/** What can be done now: what is under way, and then what is ready, the less deep first. */
export function readyFirst(skills: MapSkill[]): MapSkill[] {
  const rank = (skill: MapSkill) => (skill.status === 'IN_PROGRESS' ? -1 : skill.depth);
  return skills.filter(isNow).toSorted((a, b) => rank(a) - rank(b));
}

/** The same skills without empty columns: a region that comes late begins on the left all the same. */
export function closer(skills: MapSkill[]): MapSkill[] {
  const depths = [...new Set(skills.map((s) => s.depth))].toSorted((a, b) => a - b);
  return skills.map((skill) => ({ ...skill, depth: depths.indexOf(skill.depth) }));
}
