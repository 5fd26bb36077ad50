// @vitest-environment jsdom
import { cleanup, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it } from 'vitest';
import { shown } from '../../testing/screen';
import NewSheetScreen from './NewSheetScreen';
import { PaperMarks } from './PaperMarks';
import PaperScreen from './PaperScreen';
import type { PaperDone, Sheet } from './usePaper';

const me = (role: 'STUDENT' | 'INSTRUCTOR') => ({
  id: 'x',
  signedIn: true,
  role,
  name: 'Nela Brisk',
  className: 'Upper hut',
  classId: 'c',
  mustChange: false,
  setUp: false,
});

const DONE: PaperDone = {
  studentId: 'n',
  student: 'Nela Brisk',
  stage: 'MARKED',
  tried: 4,
  right: 1,
  have: 9,
  most: 12,
  percent: 75,
  word: 'on the way',
  comment: '',
  at: '2026-05-01T08:00:00Z',
};

const sheet = (done: PaperDone[], more: Partial<Sheet> = {}): Sheet => ({
  id: 's',
  title: 'For the train',
  madeAt: '2026-05-01T08:00:00Z',
  madeBy: 'Orla Fennimer',
  items: 4,
  removable: false,
  copies: [{ code: 'k7m-4qx', most: 12, done }],
  ...more,
});

const shelf = (role: 'STUDENT' | 'INSTRUCTOR', sheets: Sheet[]) =>
  shown(<PaperScreen />, { me: me(role), paper: { sheets } });

afterEach(cleanup);

describe('the shelf of a student', () => {
  it('is empty at first, and says how to fill it', () => {
    shelf('STUDENT', []);
    expect(screen.getByText('No sheets yet.')).toBeTruthy();
  });

  it('leads to the sheet, and keeps the solutions back while it is tried', () => {
    shelf('STUDENT', [sheet([])]);
    expect(screen.getByText('I have the paper here').getAttribute('href')).toBe('/paper/k7m-4qx');
    expect(screen.getByText('Print it (PDF)').getAttribute('href')).toBe('/api/paper/copies/k7m-4qx/sheet.pdf');
    expect(screen.queryByText('Solutions (PDF)')).toBeNull();
    cleanup();
    shelf('STUDENT', [sheet([{ ...DONE, stage: 'OPENED' }])]);
    expect(screen.queryByText('Solutions (PDF)')).toBeNull();
    cleanup();
    shelf('STUDENT', [sheet([DONE])]);
    expect(screen.getByText('Solutions (PDF)')).toBeTruthy();
    expect(screen.getByText(/9 of 12, 75%, on the way/)).toBeTruthy();
  });

  it('takes a code, and says so when it is none', async () => {
    shelf('STUDENT', []);
    await userEvent.type(screen.getByLabelText('The code on your sheet'), 'k7m');
    await userEvent.click(screen.getByText('Open it'));
    expect(screen.getByRole('alert').textContent).toContain('six letters and digits');
  });
});

describe('the shelf of an instructor', () => {
  it('shows how far everybody is, and opens where marks wait', () => {
    shelf('INSTRUCTOR', [sheet([DONE])]);
    const row = within(screen.getByRole('row', { name: /Nela Brisk/ }));
    expect(row.getByRole('link').getAttribute('href')).toBe('/paper/k7m-4qx/n');
    expect(row.getByText('self-marked, not looked at yet')).toBeTruthy();
    expect(row.getByText('1 of 4')).toBeTruthy();
    expect(screen.getByText('One student came back with it')).toBeTruthy();
    expect(screen.queryByText('The code on your sheet')).toBeNull();
  });

  it('names who has a copy and has not begun', () => {
    const copies = [
      { code: 'a22-222', most: 12, student: 'Nela Brisk', done: [DONE] },
      { code: 'b33-333', most: 11, student: 'Bero Linden', done: [] },
    ];
    shelf('INSTRUCTOR', [sheet([], { copies })]);
    expect(screen.getByText('1 of 2 came back with it')).toBeTruthy();
    expect(screen.getByText('Print all 2 (PDF)').getAttribute('href')).toBe('/api/paper/s/sheets.pdf');
    expect(within(screen.getByRole('row', { name: /Bero Linden/ })).getByText('not begun')).toBeTruthy();
  });

  it('asks before a sheet goes, and offers it only while nobody has begun', async () => {
    shelf('INSTRUCTOR', [sheet([DONE])]);
    expect(screen.queryByText('Take it away')).toBeNull();
    cleanup();
    shelf('INSTRUCTOR', [sheet([], { removable: true })]);
    await userEvent.click(screen.getByText('Take it away'));
    expect(screen.getByText('Yes, take it away')).toBeTruthy();
  });
});

describe('a new sheet', () => {
  const skills = [
    { id: 'mean', name: 'The mean', strand: 'Data' },
    { id: 'both-sides', name: 'Letters on both sides', strand: 'Equations' },
  ];

  it('counts its items, and is made once something is chosen', async () => {
    shown(<NewSheetScreen />, { me: me('STUDENT'), 'paper-skills': skills });
    const make = screen.getByText('Make the sheet');
    expect(make.getAttribute('aria-disabled')).toBe('true');
    await userEvent.click(screen.getByLabelText('The mean'));
    expect(screen.getByText('6 of at most 40 items')).toBeTruthy();
    expect(make.getAttribute('aria-disabled')).toBeNull();
    await userEvent.clear(screen.getByLabelText('Items of The mean'));
    expect(screen.getByText('Each skill needs at least one item.')).toBeTruthy();
    expect(screen.queryByText('For whom')).toBeNull();
  });

  it('finds skills by name and strand, and keeps the chosen ones in sight', async () => {
    shown(<NewSheetScreen />, { me: me('INSTRUCTOR'), 'paper-skills': skills });
    await userEvent.click(screen.getByLabelText('The mean'));
    await userEvent.type(screen.getByLabelText('Find a skill'), 'equations');
    expect(screen.getByLabelText('Letters on both sides')).toBeTruthy();
    expect(screen.getByLabelText('The mean')).toBeTruthy();
    await userEvent.click(screen.getByLabelText('The mean'));
    expect(screen.queryByLabelText('The mean')).toBeNull();
    expect(screen.getByText('For whom')).toBeTruthy();
  });
});

describe('marks given on paper', () => {
  const marks = (sheets: Sheet[], grades: { from: number; word: string }[]) =>
    shown(<PaperMarks />, { me: me('INSTRUCTOR'), paper: { sheets }, 'mark-scale': { grades } });

  it('are listed once somebody has given them', () => {
    marks([sheet([{ ...DONE, stage: 'SOLVED', have: undefined }])], []);
    expect(screen.getByText(/Nobody has marked a sheet yet/)).toBeTruthy();
    cleanup();
    marks([sheet([{ ...DONE, stage: 'ACCEPTED' }])], []);
    expect(within(screen.getByRole('row', { name: /Nela Brisk/ })).getByText('self-marked, accepted')).toBeTruthy();
  });

  it('have words that are added, changed and taken away', async () => {
    marks([], [{ from: 0, word: 'begun' }]);
    await userEvent.click(screen.getByText('Words for marks: begun from 0%'));
    await userEvent.click(screen.getByText('One more'));
    expect(screen.getByText('Use these words').getAttribute('aria-disabled')).toBe('true');
    await userEvent.type(screen.getByLabelText('Word of grade 2'), 'sure');
    expect(screen.getByText('Use these words').getAttribute('aria-disabled')).toBeNull();
    await userEvent.click(screen.getByLabelText('Take grade 1 away'));
    expect(screen.getByLabelText('Word of grade 1').getAttribute('value')).toBe('sure');
    expect(screen.queryByLabelText('Word of grade 2')).toBeNull();
  });
});
