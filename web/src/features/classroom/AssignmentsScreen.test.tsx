// @vitest-environment jsdom
import { cleanup, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { api, Refusal, type Schemas } from '../../api/client';
import { INSTRUCTOR } from '../../testing/people';
import { shown } from '../../testing/screen';
import AssignmentsScreen from './AssignmentsScreen';
import { firstWish } from './wish';

type Row = Schemas['AssignmentRow'];

const NOW = '2026-05-04T12:00:00Z';
const row = (title: string, due = '2026-05-09T20:00:00Z'): Row => ({
  id: title,
  title,
  skillIds: ['mean'],
  skills: ['The mean'],
  target: 'score:80',
  says: 'score 80 on each skill',
  due,
  policy: firstWish(new Date(NOW)).policy,
  started: 0,
  finished: 0,
  students: 2,
  exceptions: [],
});
const list = (all: Row[], past: number, withdrawn: Row[] = []): Schemas['Assignments'] => ({
  now: NOW,
  all,
  withdrawn,
  past,
});
const titles = () => screen.getAllByRole('heading', { level: 3 }).map((h) => h.textContent);

afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
});

describe('assignments of a class', () => {
  it('that are past are counted, and come when they are unfolded', async () => {
    const all = list([row('Old', '2026-05-01T20:00:00Z'), row('Now')], 1);
    const get = vi.spyOn(api, 'GET').mockResolvedValue({ data: all, response: new Response() } as never);
    shown(<AssignmentsScreen />, { me: INSTRUCTOR, 'class-assignments': list([row('Now')], 1) });
    expect(titles()).toEqual(['Now']);
    await userEvent.click(screen.getByText('Past: 1'));
    expect(await screen.findByText('Old')).toBeTruthy();
    expect(get).toHaveBeenCalledWith('/api/class/assignments', { params: { query: { past: true } } });
  });
  it('are the newest ones, and not those that another screen once asked for', () => {
    shown(<AssignmentsScreen />, {
      me: INSTRUCTOR,
      'class-assignments': list([], 0, [row('Now')]),
      'class-assignments/all': list([row('Now')], 0),
    });
    expect(screen.getByText('Withdrawn: 1')).toBeTruthy();
    expect(screen.queryByText('Running: 1')).toBeNull();
  });
  it('stay when the past ones cannot be loaded', async () => {
    vi.spyOn(api, 'GET').mockRejectedValue(new Refusal('The connection is gone.', 0));
    shown(<AssignmentsScreen />, { me: INSTRUCTOR, 'class-assignments': list([row('Now')], 1) });
    await userEvent.click(screen.getByText('Past: 1'));
    expect(await screen.findByText('The connection is gone.')).toBeTruthy();
    expect(titles()).toContain('Now');
  });
});
