// @vitest-environment jsdom
import { cleanup, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { api, Refusal, type Schemas } from '../../api/client';
import { STUDENT } from '../../testing/people';
import { shown } from '../../testing/screen';
import { DueScreen } from './DueScreen';

type Assignment = Schemas['DueAssignment'];

const SKILL: Assignment['skills'][number] = {
  id: 'mean',
  name: 'The mean',
  stands: 40,
  hoped: 40,
  pagesWaiting: 0,
  reachedWaiting: false,
  known: false,
  started: true,
  reached: false,
  late: false,
  course: [10, 40],
};
const A: Assignment = {
  id: 'a',
  title: 'Stores',
  due: '2026-05-06T20:00:00Z',
  when: 'SOON',
  target: 'score 80',
  flag: 80,
  byScore: true,
  policy: [],
  started: true,
  finished: false,
  late: false,
  resume: 'mean',
  waiting: 0,
  pagesBack: [],
  check: false,
  skills: [SKILL],
};

const NOW = '2026-05-04T12:00:00Z';
const count = (all: Assignment[], finished: boolean) =>
  all.filter((a) => a.when === 'PAST' && a.finished === finished).length;
const due = (assignments: Assignment[], more: Record<string, unknown> = {}) =>
  shown(<DueScreen />, {
    me: STUDENT,
    due: { now: NOW, assignments, late: count(assignments, false), finished: count(assignments, true) },
    ...more,
  });
const action = (name: string) => screen.getByRole('link', { name });

afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
});

describe('what is due', () => {
  it('has one thing to do first: what is late', () => {
    due([
      A,
      { ...A, id: 'l', title: 'Late one', when: 'PAST', due: '2026-05-01T20:00:00Z' },
      { ...A, id: 'x', title: 'Other' },
    ]);
    expect(action('Go on: Late one').className).toContain('bg-spruce');
    expect(action('Go on: Stores').className).not.toContain('bg-spruce');
    expect(action('Go on: Other').className).not.toContain('bg-spruce');
  });
  it('goes on where one has left', () => {
    due([A, { ...A, id: 'c', title: 'Check', check: true, skills: [] }]);
    expect(action('Go on: Stores').getAttribute('href')).toBe('/practice/a/mean');
    expect(action('Go on: Check').getAttribute('href')).toBe('/check');
  });
  it('shows where each skill stands, in words and as a picture with a name', () => {
    due([
      {
        ...A,
        skills: [
          SKILL,
          { ...SKILL, id: 'b', name: 'Absolute value', started: false },
          { ...SKILL, id: 'r', name: 'Rounding', reached: true },
        ],
      },
    ]);
    const rows = screen.getAllByRole('listitem').filter((row) => within(row).queryByRole('heading') === null);
    expect(rows.map((row) => row.textContent)).toEqual([
      'The meanscore 40',
      'Absolute valuenot started',
      'Roundingreached',
    ]);
    expect(screen.getByRole('img', { name: 'The mean: stands at 40, target 80' })).toBeTruthy();
  });
  it('brings work that was sent back to the eye', () => {
    due([{ ...A, pagesBack: [{ itemId: 'i', comment: 'Show the sum.' }] }]);
    expect(screen.getByText(/Show the sum/)).toBeTruthy();
    expect(action('Sent back for more').getAttribute('href')).toBe('/book/i');
  });
  it('folds what is finished and past', () => {
    due([A, { ...A, id: 'd', title: 'Done', when: 'PAST', finished: true }]);
    expect(screen.getByText('Finished (1)').closest('details')?.open).toBe(false);
  });
  it('asks for what is finished once it is unfolded', async () => {
    const done = { ...A, id: 'd', title: 'Done', when: 'PAST', finished: true };
    const all = { data: { now: NOW, assignments: [done, A], late: 0, finished: 1 }, response: new Response() };
    const get = vi.spyOn(api, 'GET').mockResolvedValue(all as never);
    due([A], { due: { now: NOW, assignments: [A], late: 0, finished: 1 } });
    expect(get).not.toHaveBeenCalled();
    await userEvent.click(screen.getByText('Finished (1)'));
    expect(await screen.findByRole('link', { name: 'Practise more: Done' })).toBeTruthy();
    expect(get).toHaveBeenCalledExactlyOnceWith('/api/due', { params: { query: { all: true } } });
  });
  it('shows what is due now, and not all that was once asked for', () => {
    const old = { ...A, id: 'o', title: 'Old' };
    due([A], { 'due/all': { now: NOW, assignments: [old], late: 0, finished: 0 } });
    expect(action('Go on: Stores')).toBeTruthy();
    expect(screen.queryByRole('link', { name: 'Go on: Old' })).toBeNull();
  });
  it('keeps the list when earlier work cannot be loaded', async () => {
    vi.spyOn(api, 'GET').mockRejectedValue(new Refusal('The connection is gone.', 0));
    const late = { ...A, id: 'l', title: 'Late one', when: 'PAST' };
    due([late], { due: { now: NOW, assignments: [late], late: 21, finished: 0 } });
    expect(screen.getByText('21 to finish')).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'Show 20 earlier' }));
    expect(await screen.findByText('The connection is gone.')).toBeTruthy();
    expect(action('Go on: Late one')).toBeTruthy();
  });
  it('says what to do when nothing is set', () => {
    due([]);
    expect(screen.getByText('Nothing is assigned yet.')).toBeTruthy();
  });
  it('offers a refresh when skills are due for one', () => {
    due([A], { check: { due: [{ id: 'mean', name: 'The mean' }], history: [{ at: '2026-05-01' }], last: [] } });
    expect(screen.getByText(/One skill is due for a refresh/)).toBeTruthy();
  });
  it('shows nothing that would move away when the slip about the check comes', () => {
    vi.spyOn(api, 'GET').mockReturnValue(new Promise(() => undefined));
    due([A], { check: undefined });
    expect(screen.queryByRole('link', { name: 'Go on: Stores' })).toBeNull();
    expect(screen.getByText('Looking up what is due.')).toBeTruthy();
  });
  it('waits no longer for the slip once the check could not be loaded', async () => {
    vi.spyOn(api, 'GET').mockRejectedValue(new Refusal('The connection is gone.', 0));
    due([A], { check: undefined });
    expect(await screen.findByRole('link', { name: 'Go on: Stores' })).toBeTruthy();
  });
});
