// @vitest-environment jsdom
import { cleanup, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { api, type Schemas } from '../../api/client';
import { STUDENT } from '../../testing/people';
import { shown } from '../../testing/screen';
import ProgressScreen from './ProgressScreen';

const course = (title: string): Schemas['AssignmentCourse'] => ({
  id: title,
  title,
  target: 'score 80',
  flag: 80,
  most: 100,
  quiz: '',
  rounds: [],
  skills: [{ id: 'mean', name: 'The mean', stands: 40, reached: false, course: [40], items: [] }],
  finished: false,
});
const progress = (earlier: number, ...titles: string[]): Schemas['ProgressView'] => ({
  student: 'Nela',
  today: '2026-05-04',
  known: [],
  time: [],
  checks: [],
  assignments: titles.map(course),
  earlier,
});
const titles = () => screen.getAllByRole('heading', { level: 3 }).map((h) => h.textContent);

afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
});

describe('looking back', () => {
  it('shows the latest assignments, and the earlier ones when they are asked for', async () => {
    const all = { data: progress(0, 'First', 'Second'), response: new Response() };
    vi.spyOn(api, 'GET').mockImplementation(
      (path) => (path === '/api/progress' ? Promise.resolve(all) : new Promise(() => undefined)) as never,
    );
    shown(<ProgressScreen />, { me: STUDENT, progress: progress(1, 'Second') });
    expect(titles()).toEqual(['Second']);
    await userEvent.click(screen.getByRole('button', { name: 'Show one earlier assignment' }));
    expect(await screen.findByText('First')).toBeTruthy();
    expect(titles()).toEqual(['Second', 'First']);
    expect(screen.queryByRole('button', { name: /earlier/ })).toBeNull();
  });
  it('is of now, and not of when all was asked for', () => {
    shown(<ProgressScreen />, { me: STUDENT, progress: progress(0, 'New'), 'progress/all': progress(0, 'Old') });
    expect(titles()).toEqual(['New']);
  });
});
