// @vitest-environment jsdom
import { cleanup, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { shown } from '../../testing/screen';
import { CourseForm } from './CourseForm';

const COURSES = [
  { id: 'whole', title: 'From the first numbers to functions', skills: ['The mean', 'Slopes'], isChosen: true },
  { id: 'small', title: 'Numbers, for a start', skills: ['The mean'], isChosen: false },
];
const TAKEN = COURSES.map((c) => ({ ...c, isChosen: c.id === 'small' }));

/** What the server says to a choice, and what it was sent. */
const server = vi.hoisted(() => ({ put: (body: unknown): unknown => body }));

vi.mock('../../api/client', async (original) => ({
  ...(await original<typeof import('../../api/client')>()),
  api: { PUT: async (_path: string, { body }: { body: unknown }) => server.put(body), GET: vi.fn() },
}));

describe('the course of a class', () => {
  const sent: unknown[] = [];
  const answers = (answer: unknown) => {
    server.put = (body) => {
      sent.push(body);
      return answer;
    };
  };
  beforeEach(() => {
    sent.length = 0;
    shown(<CourseForm className="Upper hut" />, { courses: COURSES });
  });
  afterEach(cleanup);
  const take = () => screen.getByRole('button', { name: 'Take this course' });

  it('shows the one that is taken, with its skills, and has nothing to take yet', () => {
    expect(screen.getByRole('radio', { name: /^From the first numbers/ })).toHaveProperty('checked', true);
    expect(screen.getByText('The mean · Slopes')).toBeDefined();
    expect(take().getAttribute('aria-disabled')).toBe('true');
  });

  it('lists no more skills than one can take in', () => {
    cleanup();
    const skills = Array.from({ length: 74 }, (_, i) => `Skill ${i}`);
    shown(<CourseForm className="Upper hut" />, { courses: [{ ...COURSES[0], skills }] });
    expect(screen.getByText('(74 skills)')).toBeDefined();
    expect(screen.queryByText(/Skill 3/)).toBeNull();
  });

  it('takes another one, and says so', async () => {
    answers({ data: TAKEN, response: new Response() });
    await userEvent.click(screen.getByLabelText(/^Numbers, for a start/));
    await userEvent.click(take());
    expect(await screen.findByText('The class works through “Numbers, for a start” now.')).toBeDefined();
    expect(sent).toEqual([{ id: 'small' }]);
    expect(take().getAttribute('aria-disabled')).toBe('true');
  });

  it('keeps what is picked when the server refuses, with its sentence', async () => {
    answers({
      error: { detail: 'There is no such course. Load the page again.' },
      response: new Response(null, { status: 400 }),
    });
    await userEvent.click(screen.getByLabelText(/^Numbers, for a start/));
    await userEvent.click(take());
    expect(await screen.findByText('There is no such course. Load the page again.')).toBeDefined();
    expect(screen.getByLabelText(/^Numbers, for a start/)).toHaveProperty('checked', true);
    expect(take().getAttribute('aria-disabled')).toBeNull();
  });
});
