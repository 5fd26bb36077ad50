import { describe, expect, it } from 'vitest';
import { itemsOf, missing, MOST_ITEMS, sheetOf, turned, wantedFrom } from './wanted';

const from = (query: string) => wantedFrom(new URLSearchParams(query));

describe('a sheet that is put together', () => {
  it('begins empty, and says what is missing', () => {
    expect(from('').shares).toEqual([]);
    expect(missing(from(''))).toContain('at least one skill');
  });

  it('begins with the skills of the page that one came from', () => {
    const address = sheetOf('Stores & loads', ['mean', 'both-sides']);
    const wanted = from(address.slice(address.indexOf('?')));
    expect(wanted.title).toBe('Stores & loads');
    expect(wanted.shares.map((s) => s.skillId)).toEqual(['mean', 'both-sides']);
    expect(missing(wanted)).toBe('');
  });

  it('never asks for more than a sheet has, however many skills there are', () => {
    const many = from(`skills=${Array.from({ length: 28 }, (_, i) => `skill-${i}`).join(',')}`);
    expect(itemsOf(many)).toBeLessThanOrEqual(MOST_ITEMS);
    expect(many.shares.length).toBeGreaterThan(10);
  });

  it('takes a skill in and out again', () => {
    const one = turned(from(''), 'mean');
    expect(one.shares).toHaveLength(1);
    expect(turned(one, 'mean').shares).toEqual([]);
  });

  it('says so when it is too long, or a number is missing', () => {
    const wanted = from('skills=mean,both-sides');
    const put = (items: number) => ({ ...wanted, shares: wanted.shares.map((s) => ({ ...s, items })) });
    expect(missing(put(21))).toContain('Take 2 away');
    expect(missing(put(20))).toBe('');
    expect(missing(put(Number.NaN))).toContain('at least one item');
  });
});
