// @vitest-environment jsdom
import { cleanup, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { shown } from '../../testing/screen';
import { CourseForm } from './CourseForm';

const SKILLS = [
  { id: 'mean', name: 'The mean', strand: 'Data' },
  { id: 'slope', name: 'Slopes', strand: 'Functions' },
  { id: 'line', name: 'Lines', strand: 'Functions' },
];
const COURSES = [
  { id: 'whole', title: 'From the first numbers to functions', skills: SKILLS, isChosen: true, isOwn: false },
  { id: 'small', title: 'Numbers, for a start', skills: SKILLS.slice(0, 1), isChosen: false, isOwn: false },
  { id: 'own-1', title: 'Our own', skills: SKILLS.slice(1), isChosen: false, isOwn: true },
];
const TAKEN = COURSES.map((c) => ({ ...c, isChosen: c.id === 'small' }));

/** What the server says to a choice, and what it was sent. */
const server = vi.hoisted(() => ({ put: (body: unknown): unknown => body }));

vi.mock('../../api/client', async (original) => ({
  ...(await original<typeof import('../../api/client')>()),
  api: {
    PUT: async (_path: string, { body }: { body: unknown }) => server.put(body),
    POST: async (_path: string, { body }: { body: unknown }) => server.put(body),
    DELETE: async (_path: string, { params }: { params: { path: unknown } }) => server.put(params.path),
    GET: vi.fn(),
  },
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
    expect(screen.getByText('The mean · Slopes · Lines')).toBeDefined();
    expect(take().getAttribute('aria-disabled')).toBe('true');
  });

  it('lists no more skills than one can take in', () => {
    cleanup();
    const skills = Array.from({ length: 74 }, (_, i) => ({ id: `s${i}`, name: `Skill ${i}`, strand: 'Numbers' }));
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

  it('puts one together out of what is picked, and takes it', async () => {
    answers({ data: TAKEN, response: new Response() });
    await userEvent.click(screen.getByLabelText(/^Numbers, for a start/));
    await userEvent.click(screen.getByRole('button', { name: 'Put a course of your own together' }));
    await userEvent.type(screen.getByLabelText('Name of the course'), 'Straight lines');
    await userEvent.click(screen.getByRole('checkbox', { name: 'The mean' }));
    await userEvent.click(screen.getByRole('button', { name: 'all of Functions' }));
    expect(screen.getByText('2 skills')).toBeDefined();
    await userEvent.click(screen.getByRole('button', { name: 'Save it and take it' }));
    expect(sent).toEqual([{ title: 'Straight lines', skills: ['slope', 'line'], insteadOf: '' }]);
    expect(await screen.findByText('The class works through “Numbers, for a start” now.')).toBeDefined();
    expect(screen.queryByLabelText('Name of the course')).toBeNull();
  });

  it('puts a changed one in the place of what it was', async () => {
    answers({ data: TAKEN, response: new Response() });
    await userEvent.click(screen.getByLabelText(/^Our own/));
    await userEvent.click(screen.getByRole('button', { name: 'Change this course' }));
    expect(screen.getByLabelText<HTMLInputElement>('Name of the course').value).toBe('Our own');
    await userEvent.click(screen.getByRole('checkbox', { name: 'Lines' }));
    await userEvent.click(screen.getByRole('button', { name: 'Save it and take it' }));
    expect(sent).toEqual([{ title: 'Our own', skills: ['slope'], insteadOf: 'own-1' }]);
  });

  it('keeps what was put together when the server refuses', async () => {
    answers({ error: { detail: 'Choose at least 3 skills.' }, response: new Response(null, { status: 400 }) });
    await userEvent.click(screen.getByRole('button', { name: 'Put a course of your own together' }));
    await userEvent.type(screen.getByLabelText('Name of the course'), 'Few');
    await userEvent.click(screen.getByRole('button', { name: 'Save it and take it' }));
    expect(await screen.findByText('Choose at least 3 skills.')).toBeDefined();
    expect(screen.getByLabelText<HTMLInputElement>('Name of the course').value).toBe('Few');
  });

  it('takes only one’s own off the list', async () => {
    answers({ data: COURSES.slice(0, 2), response: new Response() });
    expect(screen.queryByRole('button', { name: 'Take it off the list' })).toBeNull();
    await userEvent.click(screen.getByLabelText(/^Our own/));
    await userEvent.click(screen.getByRole('button', { name: 'Take it off the list' }));
    expect(sent).toEqual([{ id: 'own-1' }]);
    expect(screen.queryByLabelText(/^Our own/)).toBeNull();
  });
});
