import { describe, expect, it } from 'vitest';
import { codeOf, marksOf, rowsOf, stageOf, stepOf } from './stages';
import type { PaperDone, Sheet } from './usePaper';

const done = (more: Partial<PaperDone> = {}): PaperDone => ({
  studentId: 'n',
  student: 'Nela Brisk',
  stage: 'OPENED',
  tried: 0,
  right: 0,
  most: 20,
  word: '',
  comment: '',
  at: '2026-05-01T08:00:00Z',
  ...more,
});

const sheet = (copies: Sheet['copies']): Sheet => ({
  id: 's',
  title: 'For the train',
  madeAt: '2026-05-01T08:00:00Z',
  madeBy: 'Orla Fennimer',
  items: 4,
  removable: false,
  copies,
});

describe('where somebody is with a sheet', () => {
  it('is said in words', () => {
    expect(stageOf(done(), 4)).toBe('begun');
    expect(stageOf(done({ tried: 3 }), 4)).toBe('3 of 4 tried');
    expect(stageOf(done({ stage: 'SOLVED' }), 4)).toContain('not marked yet');
    expect(stageOf(done({ stage: 'MARKED' }), 4)).toContain('self-marked');
    expect(stageOf(done({ stage: 'ACCEPTED' }), 4)).toBe('self-marked, accepted');
    expect(stageOf(done({ stage: 'RETURNED' }), 4)).toContain('once more');
  });

  it('has marks once they are given, with a word where the class has one', () => {
    expect(marksOf(done())).toBe('');
    expect(marksOf(done({ have: 14, percent: 70 }))).toBe('14 of 20, 70%');
    expect(marksOf(done({ have: 0, percent: 0, word: 'begun' }))).toBe('0 of 20, 0%, begun');
  });

  it('is a step of the way', () => {
    const at = (solved: boolean, tried: boolean, stage: PaperDone['stage']) =>
      stepOf({ solved, tried, done: done({ stage }) });
    expect(at(false, false, 'OPENED')).toBe(0);
    expect(at(false, true, 'OPENED')).toBe(1);
    expect(at(true, true, 'SOLVED')).toBe(2);
    expect(at(true, true, 'RETURNED')).toBe(2);
    expect(at(true, true, 'MARKED')).toBe(3);
    expect(at(true, true, 'ACCEPTED')).toBe(3);
  });
});

describe('a code', () => {
  it('is read however it is typed', () => {
    expect(codeOf('K7M-4QX')).toBe('k7m-4qx');
    expect(codeOf(' k7m 4qx ')).toBe('k7m-4qx');
    expect(codeOf('k7m4qx')).toBe('k7m-4qx');
  });

  it('has six signs', () => {
    expect(codeOf('')).toBe('');
    expect(codeOf('k7m-4q')).toBe('');
    expect(codeOf('k7m-4qxy')).toBe('');
  });
});

describe('the students of a sheet', () => {
  it('are those who came back with it, and those who have one by name', () => {
    const rows = rowsOf(
      sheet([
        { code: 'a', most: 20, student: 'Nela Brisk', done: [done()] },
        { code: 'b', most: 20, student: 'Bero Alm', done: [] },
      ]),
    );
    expect(rows.map((r) => [r.student, r.done !== undefined])).toEqual([
      ['Nela Brisk', true],
      ['Bero Alm', false],
    ]);
  });

  it('are nobody while a sheet for all has not been opened', () => {
    expect(rowsOf(sheet([{ code: 'a', most: 20, done: [] }]))).toEqual([]);
  });
});
