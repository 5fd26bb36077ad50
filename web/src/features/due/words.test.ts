import { describe, expect, test } from 'vitest';
import { actionOf, type Assignment, daysAway, nextOf, sorted, stateOf } from './words';

const A: Assignment = {
  id: 'a',
  title: 'Stores',
  due: '2026-05-04T20:00:00Z',
  when: 'SOON',
  target: 'score 80',
  flag: 80,
  byScore: true,
  policy: [],
  started: true,
  finished: false,
  late: false,
  resume: 's',
  waiting: 0,
  pagesBack: [],
  check: false,
  skills: [],
};
const S: Assignment['skills'][number] = {
  id: 's',
  name: 'Mean',
  stands: 74,
  hoped: 74,
  pagesWaiting: 0,
  reachedWaiting: false,
  known: false,
  started: true,
  reached: false,
  late: false,
  course: [],
};

describe('where a skill stands', () => {
  test('by its score', () => expect(stateOf(S, A)).toBe('score 74'));
  test('with pages that wait', () =>
    expect(stateOf({ ...S, hoped: 81, pagesWaiting: 2 }, A)).toBe('score 74, and 81 once 2 pages are read'));
  test('with one page that waits', () =>
    expect(stateOf({ ...S, hoped: 78, pagesWaiting: 1 }, A)).toBe('score 74, and 78 once 1 page is read'));
  test('reached but for the reading', () =>
    expect(stateOf({ ...S, reachedWaiting: true, pagesWaiting: 1 }, A)).toBe('reached, waiting for 1 page to be read'));
  test('reached', () => expect(stateOf({ ...S, reached: true }, A)).toBe('reached'));
  test('known before it was begun', () =>
    expect(stateOf({ ...S, started: false, known: true }, A)).toBe('you know this already'));
  test('in steps', () => expect(stateOf({ ...S, stands: 2 }, { ...A, byScore: false, flag: 5 })).toBe('2 of 5'));
});

test('a day is named as one would say it', () => {
  const now = new Date(2026, 4, 4, 12);
  expect([0, 1, -1, 3, -12].map((d) => daysAway(new Date(2026, 4, 4 + d, 20), now))).toEqual([
    'today',
    'tomorrow',
    'yesterday',
    'in 3 days',
    '12 days ago',
  ]);
  expect(daysAway(new Date(2026, 4, 4, 8), now)).toBe('earlier today');
});

test('the action says what it does', () => {
  expect(actionOf(A)).toBe('Go on');
  expect(actionOf({ ...A, started: false })).toBe('Start');
  expect(actionOf({ ...A, finished: true })).toBe('Practise more');
});

/** What the server says when it sends all there is. */
function sent(assignments: Assignment[]) {
  const past = assignments.filter((a) => a.when === 'PAST');
  const late = past.filter((a) => !a.finished).length;
  return { now: '2026-05-04T12:00:00Z', assignments, late, finished: past.length - late };
}

test('late work comes first and finished work last', () => {
  const rows = [
    A,
    { ...A, id: 'late', when: 'PAST' },
    { ...A, id: 'done', when: 'PAST', finished: true },
    { ...A, id: 'later', when: 'LATER' },
  ];
  expect(sorted(sent(rows)).map((s) => [s.title, ...s.rows.map((r) => r.id)])).toEqual([
    ['Late', 'late'],
    ['Next seven days', 'a'],
    ['Later', 'later'],
    ['Finished', 'done'],
  ]);
});

test('one assignment is what to do first: late work, then what is due soonest, never what is finished', () => {
  expect(nextOf(sorted(sent([{ ...A, id: 'done', finished: true }, A, { ...A, id: 'later', when: 'LATER' }])))).toBe(
    'a',
  );
  expect(nextOf(sorted(sent([A, { ...A, id: 'late', when: 'PAST' }])))).toBe('late');
  expect(nextOf(sorted(sent([{ ...A, finished: true }])))).toBe('');
});

test('a heading counts what was not sent', () => {
  const late = { ...A, id: 'late', when: 'PAST' };
  const counts = sorted({ ...sent([late, A]), late: 23, finished: 8 }).map((s) => `${s.rows.length} of ${s.of}`);
  expect(counts).toEqual(['1 of 23', '1 of 1', '0 of 0', '0 of 8']);
});
