import type { NewSheet } from './usePaper';

export const MOST_ITEMS = 40;
const FIRST_ITEMS = 6;
const FEW_ITEMS = 3;
const SHARED_BY_FEW = 3;

/** A sheet with nothing chosen but what the address says. */
export function wantedFrom(address: URLSearchParams): NewSheet {
  const skills = (address.get('skills') ?? '').split(',').filter((id) => id !== '');
  const items = skills.length <= SHARED_BY_FEW ? FIRST_ITEMS : FEW_ITEMS;
  return {
    title: address.get('title') ?? '',
    shares: skills.slice(0, Math.floor(MOST_ITEMS / items)).map((skillId) => ({ skillId, items, level: 0 })),
    style: { size: 'A4', room: 'SQUARES', large: false, twoColumns: false },
    each: false,
  };
}

/** Address at which a sheet of these skills is put together. */
export function sheetOf(title: string, skills: string[]): string {
  return `/paper/new?${new URLSearchParams({ title, skills: skills.join(',') }).toString()}`;
}

export const itemsOf = ({ shares }: NewSheet) => shares.reduce((sum, share) => sum + share.items, 0);

/** With a skill more, as many items of it as there is room for; or without it. */
export function turned(wanted: NewSheet, skillId: string): NewSheet {
  const rest = wanted.shares.filter((share) => share.skillId !== skillId);
  const room = MOST_ITEMS - itemsOf(wanted);
  return rest.length < wanted.shares.length
    ? { ...wanted, shares: rest }
    : { ...wanted, shares: [...rest, { skillId, items: Math.max(1, Math.min(FIRST_ITEMS, room)), level: 0 }] };
}

/** What is still missing, in a sentence; empty when it can be made. */
export function missing(wanted: NewSheet): string {
  if (wanted.shares.length === 0) {
    return 'Choose at least one skill.';
  }
  if (itemsOf(wanted) > MOST_ITEMS) {
    return `A sheet has at most ${MOST_ITEMS} items. Take ${itemsOf(wanted) - MOST_ITEMS} away.`;
  }
  return wanted.shares.some((share) => !(share.items >= 1)) ? 'Each skill needs at least one item.' : '';
}
