// @vitest-environment jsdom
import { cleanup, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it } from 'vitest';
import type { Schemas } from '../../api/client';
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
const ME = {
  id: 'o',
  signedIn: true,
  role: 'INSTRUCTOR',
  name: 'Orla',
  className: 'Upper hut',
  classId: 'c',
  mustChange: false,
  setUp: false,
};

function marks(cells: Cell[], mean: number | undefined = 80) {
  const assignments = cells.map((_, i) => ({
    id: `a${i}`,
    title: `Snow poles ${i + 1}`,
    due: `2026-05-${String(i + 1).padStart(2, '0')}T20:00:00Z`,
    hasQuiz: false,
  }));
  const row = { studentId: 's', student: 'Ansa Holm', username: 'ansa', cells, ...(mean !== undefined && { mean }) };
  shown(<MarksScreen />, { me: ME, marks: { now: '2026-05-04T12:00:00Z', assignments, rows: [row] } });
  return within(screen.getByRole('row', { name: /Ansa Holm/ }));
}

afterEach(cleanup);

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
  it('shows some of many assignments, and finds others by their title', async () => {
    marks(Array.from({ length: 14 }, () => CELL));
    const heads = () => screen.getAllByRole('columnheader').length - 2;
    expect(heads()).toBe(9);
    await userEvent.type(screen.getByLabelText('Find an assignment'), 'poles 14');
    expect(heads()).toBe(1);
    expect(screen.getByRole('columnheader', { name: /Snow poles 14/ })).toBeTruthy();
  });
  it('names its rows by the students, who can be opened', () => {
    const row = marks([CELL]);
    expect(row.getByRole('rowheader').textContent).toBe('Ansa Holm');
    expect(row.getByRole('link').getAttribute('href')).toBe('/class/students/s');
  });
  it('is not there before there is anything in it', () => {
    shown(<MarksScreen />, { me: ME, marks: { now: '2026-05-04T12:00:00Z', assignments: [], rows: [] } });
    expect(screen.getByText('No marks yet.')).toBeTruthy();
    expect(screen.queryByRole('table')).toBeNull();
  });
});
