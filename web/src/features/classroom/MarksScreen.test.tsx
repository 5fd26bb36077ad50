// @vitest-environment jsdom
import { cleanup, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { api, Refusal, type Schemas } from '../../api/client';
import { INSTRUCTOR } from '../../testing/people';
import { shown } from '../../testing/screen';
import MarksScreen from './MarksScreen';

type Cell = Schemas['MarkCell'];

const CELL: Cell = {
  status: 'SET',
  begun: true,
  reached: 2,
  reachedWaiting: 0,
  skills: 2,
  mark: 100,
  percent: 100,
  points: '',
  credit: '',
  waiting: 0,
  late: false,
};
const page = (part: Partial<Schemas['MarksTable']>): Schemas['MarksTable'] => ({
  now: '2026-05-04T12:00:00Z',
  of: part.assignments?.length ?? 0,
  from: 0,
  most: 9,
  assignments: [],
  rows: [],
  ...part,
});

function marks(cells: Cell[], mean: number | undefined = 80) {
  const assignments = cells.map((_, i) => ({
    id: `a${i}`,
    title: `Snow poles ${i + 1}`,
    due: `2026-05-${String(i + 1).padStart(2, '0')}T20:00:00Z`,
    hasQuiz: false,
  }));
  const row = { studentId: 's', student: 'Ansa Holm', username: 'ansa', cells };
  shown(<MarksScreen />, {
    me: INSTRUCTOR,
    'marks/page/latest/': page({ assignments, rows: [row] }),
    'marks/means': { percent: mean === undefined ? {} : { s: mean } },
  });
  return within(screen.getByRole('row', { name: /Ansa Holm/ }));
}

afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
});

describe('a mark', () => {
  it('is a percent, with what it is made of below', () => {
    const row = marks([CELL, { ...CELL, mark: 50, percent: 50, reached: 1 }, { ...CELL, skills: 1, reached: 1 }]);
    expect(row.getAllByRole('cell').map((c) => c.textContent)).toEqual([
      '80%',
      '100%2 of 2 skills',
      '50%1 of 2 skills',
      '100%1 of 1 skill',
    ]);
  });
  it('of a quiz has its points, and read work its credit', () => {
    const { percent, ...quiz } = CELL;
    expect(percent).toBe(100);
    const row = marks([
      { ...quiz, mark: 75, points: '30 of 40' },
      { ...CELL, credit: '90', waiting: 2 },
    ]);
    expect(row.getByText('30 of 40 points')).toBeTruthy();
    expect(row.getByText('work 90%')).toBeTruthy();
    expect(row.getByText('2 to read')).toBeTruthy();
  });
  it('that is late says so in a word', () => {
    const row = marks([
      { ...CELL, late: true },
      { ...CELL, begun: false, mark: 0, percent: 0, reached: 0, late: true },
    ]);
    expect(row.getAllByText('late')).toHaveLength(2);
    expect(row.getByText('not begun')).toBeTruthy();
  });
  it('of what opens later or was left out is none', () => {
    const row = marks([
      { ...CELL, status: 'OPENS_LATER', begun: false },
      { ...CELL, status: 'LEFT_OUT', begun: false },
      { ...CELL, status: 'LEFT_OUT' },
    ]);
    expect(row.getByText('opens later')).toBeTruthy();
    expect(row.getByText('left out')).toBeTruthy();
    expect(row.getByText('left out since, not in the mean')).toBeTruthy();
  });
});

describe('the table', () => {
  it('asks for the page that is looked for, and keeps the last one until it is there', async () => {
    const head = (n: number) => ({ id: `a${n}`, title: `Poles ${n}`, due: '2026-05-01T20:00:00Z', hasQuiz: false });
    const nine = Array.from({ length: 9 }, (_, i) => head(i));
    const row = { studentId: 's', student: 'Ansa Holm', username: 'ansa', cells: nine.map(() => CELL) };
    const found = page({ of: 1, assignments: [head(14)], rows: [{ ...row, cells: [CELL] }] });
    const answers = new Map([
      ['words=1', found],
      ['words=14', found],
      ['words=x', page({ rows: [{ ...row, cells: [] }] })],
    ]);
    const get = vi.spyOn(api, 'GET').mockImplementation((_, options) => {
      const query = (options as { params: { query: { words: string } } }).params.query;
      return Promise.resolve({ data: answers.get(`words=${query.words}`), response: new Response() }) as never;
    });
    shown(<MarksScreen />, {
      me: INSTRUCTOR,
      'marks/page/latest/': page({ of: 14, from: 5, assignments: nine, rows: [row] }),
      'marks/means': { percent: { s: 80 } },
    });
    expect(screen.getByLabelText(/^Shown: 9 of 14, due from/).getAttribute('value')).toBe('5');
    expect(get).not.toHaveBeenCalledWith('/api/class/marks', expect.anything());
    await userEvent.type(screen.getByLabelText('Find an assignment'), '14');
    expect(await screen.findByRole('columnheader', { name: /Poles 14/ })).toBeTruthy();
    expect(screen.getAllByRole('columnheader')).toHaveLength(3);
    await userEvent.clear(screen.getByLabelText('Find an assignment'));
    await userEvent.type(screen.getByLabelText('Find an assignment'), 'x');
    expect(await screen.findByText('No title has these words.')).toBeTruthy();
  });
  it('leads back to the latest marks when a page cannot be loaded', async () => {
    vi.spyOn(api, 'GET').mockRejectedValue(new Refusal('The connection is gone.', 0));
    const cells = [CELL];
    const row = { studentId: 's', student: 'Ansa Holm', username: 'ansa', cells };
    const head = { id: 'a', title: 'Poles', due: '2026-05-01T20:00:00Z', hasQuiz: false };
    shown(<MarksScreen />, {
      me: INSTRUCTOR,
      'marks/page/latest/': page({ of: 14, assignments: [head], rows: [row] }),
      'marks/means': { percent: {} },
    });
    await userEvent.type(screen.getByLabelText('Find an assignment'), 'q');
    expect(await screen.findByText(/The connection is gone/)).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'Show the latest' }));
    expect(screen.getByRole('columnheader', { name: /Poles/ })).toBeTruthy();
  });
  it('names its rows by the students, who can be opened', () => {
    const row = marks([CELL]);
    expect(row.getByRole('rowheader').textContent).toBe('Ansa Holm');
    expect(row.getByRole('link').getAttribute('href')).toBe('/class/students/s');
  });
  it('is not there before there is anything in it', () => {
    shown(<MarksScreen />, { me: INSTRUCTOR, 'marks/page/latest/': page({}), 'marks/means': { percent: {} } });
    expect(screen.getByText('No marks yet.')).toBeTruthy();
    expect(screen.queryByRole('table')).toBeNull();
  });
});
