import { describe, expect, it } from 'vitest';
import { beginOf, endOf } from '../../ui/dates';
import { groups } from './groups';
import type { AssignmentRow } from './useClass';
import { bodyOf, firstWish, inShort, missingIn, wishOf } from './wish';

const NOW = new Date(2026, 4, 4, 15, 0);
const POLICY = firstWish(NOW).policy;

function set(title: string, part: Partial<AssignmentRow> = {}): AssignmentRow {
  return {
    id: title,
    title,
    skillIds: ['mean'],
    skills: ['The mean'],
    target: 'score:80',
    says: '',
    due: '2026-05-10T20:00:00Z',
    policy: POLICY,
    started: 0,
    finished: 0,
    students: 2,
    exceptions: [],
    ...part,
  };
}

const PLAN: NonNullable<AssignmentRow['quiz']> = {
  shares: [
    { skill: 'mean', items: 4 },
    { skill: 'both-sides', items: 2 },
  ],
  minutes: 20,
  rounds: 3,
  target: 75,
  points: { steps: [], weight: 2 },
  calculator: 'AS_ITEM',
  workRequired: false,
};

describe('wish', () => {
  it('is due within the next seven days, for the whole class, at once', () => {
    const body = bodyOf({ ...firstWish(NOW), title: 'T', skills: ['mean'] });
    expect(body).toMatchObject({
      title: 'T',
      skills: ['mean'],
      target: 'score:80',
      due: endOf('2026-05-10'),
      students: [],
    });
    expect(body.opens).toBeUndefined();
    expect(body.quiz).toBeUndefined();
  });
  it('opens with the first minute of a day', () => {
    expect(bodyOf({ ...firstWish(NOW), opens: '2026-05-06' }).opens).toBe(beginOf('2026-05-06'));
  });
  it.each([
    ['score:90', 'score:90'],
    ['run:2/4', 'run:2/4'],
    ['percent:60/12', 'percent:60/12'],
  ])('set again, %s stays what it is', (target, expected) => {
    expect(bodyOf(wishOf(set('A', { target }), NOW)).target).toBe(expected);
  });
  it('set again, a quiz keeps its plan', () => {
    const alone = bodyOf(wishOf(set('Q', { target: 'quiz:75', quiz: PLAN }), NOW));
    expect(alone.target).toBe('quiz:75');
    expect(alone.quiz).toEqual({ items: 6, minutes: 20, rounds: 3, target: 75, workRequired: false });
    expect(bodyOf(wishOf(set('P', { quiz: PLAN }), NOW)).quiz?.items).toBe(6);
  });
  it('set again, it has the same skills in the same order and a name of its own', () => {
    const wish = wishOf(set('Snow poles', { skillIds: ['both-sides', 'mean'] }), NOW);
    expect(wish.skills).toEqual(['both-sides', 'mean']);
    expect(wish.title).not.toBe('Snow poles');
    expect(wish.date).toBe('2026-05-10');
  });
});

describe('the foot of the form', () => {
  const wish = { ...firstWish(NOW), title: 'Snow poles', skills: ['mean', 'both-sides'] };
  it.each([
    [{ title: ' ' }, 'Give it a title.'],
    [{ skills: [] }, 'Choose at least one skill.'],
    [{ date: '' }, 'Choose the day on which it is due.'],
    [{}, ''],
    [{ skills: [], target: 'check' as const }, ''],
  ])('with %o it says what is missing', (part, says) => {
    expect(missingIn({ ...wish, ...part })).toBe(says);
  });
  it.each([
    [{}, '2 skills, due Sun, May 10, for the whole class.'],
    [{ skills: ['mean'], students: ['a'] }, 'One skill, due Sun, May 10, for one student.'],
    [{ withQuiz: true, students: ['a', 'b'] }, '2 skills and a quiz, due Sun, May 10, for 2 students.'],
    [{ target: 'quiz' as const, withQuiz: true }, '2 skills, due Sun, May 10, for the whole class.'],
    [{ target: 'check' as const }, 'A check, due Sun, May 10, for the whole class.'],
  ])('with %o it says what would be set', (part, says) => {
    expect(inShort({ ...wish, ...part })).toBe(says);
  });
});

describe('groups', () => {
  const now = '2026-05-04T12:00:00Z';
  const all = [
    set('Old', { due: '2026-04-01T20:00:00Z' }),
    set('Older', { due: '2026-03-01T20:00:00Z' }),
    set('Now'),
    set('Soon', { opens: '2026-05-06T00:00:00Z', skills: ['Absolute value'] }),
  ].toSorted((a, b) => a.due.localeCompare(b.due));
  const named = (words: string) =>
    groups({ now, all, withdrawn: [set('Gone')], past: 2 }, words).map((g) => [g.name, g.of.map((a) => a.title)]);
  it('tells what runs, what opens later, what is past, what was withdrawn', () => {
    expect(named('')).toEqual([
      ['Running', ['Now']],
      ['Opens later', ['Soon']],
      ['Past', ['Old', 'Older']],
      ['Withdrawn', ['Gone']],
    ]);
  });
  it('finds by all words, in title or skills', () => {
    expect(named('absolute')).toEqual([['Opens later', ['Soon']]]);
    expect(named('mean old')).toEqual([['Past', ['Old', 'Older']]]);
    expect(named('nowhere')).toEqual([]);
  });
  it('counts the past ones that are not loaded, until one looks for something', () => {
    const running = all.filter((a) => a.due > now);
    const heads = (words: string) =>
      groups({ now, all: running, withdrawn: [], past: 2 }, words).map((g) => `${g.name} ${g.of.length}/${g.count}`);
    expect(heads('')).toEqual(['Running 1/1', 'Opens later 1/1', 'Past 0/2']);
    expect(heads('mean')).toEqual(['Running 1/1']);
  });
  it('unfolds the past for one who looks for something', () => {
    const past = (words: string) => groups({ now, all, withdrawn: [], past: 2 }, words).find((g) => g.name === 'Past');
    expect(past('')?.more).toBe(true);
    expect(past('old')?.more).toBe(false);
  });
});
