// @vitest-environment jsdom
import { cleanup, screen } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { shown } from '../../testing/screen';
import { inShort } from './BringHistory';
import { howItWent, OutsideHistory, whenItWas } from './OutsideHistory';
import { SendRecords, sentBefore, wordsFor } from './SendRecords';

afterEach(cleanup);

const SENDING = { done: 1, of: 3, statements: 1200 };
const STUDENT = { id: 's', name: 'Ansa', statements: 0 };

describe('sending', () => {
  it('says how far it is and what it came to', () => {
    expect(wordsFor({ ...SENDING, state: 'running' })).toBe('Sending … 1 of 3 students.');
    expect(wordsFor({ ...SENDING, state: 'ended' })).toBe('Sent: 1,200 statements of 1 student.');
    expect(wordsFor({ ...SENDING, state: 'stopped' })).toContain('nothing is kept twice');
  });
  it('says when it was done last, and for whom never', () => {
    expect(sentBefore([STUDENT])).toBe('Nothing has been sent yet.');
    const two = [
      { ...STUDENT, sentAt: '2026-05-02T10:00:00Z' },
      { ...STUDENT, sentAt: '2026-05-04T10:00:00Z' },
    ];
    expect(sentBefore(two)).toMatch(/^Last sent .*4.*\.$/);
    expect(sentBefore([...two, STUDENT])).toContain('nothing yet of 1 student');
  });
  it('has no button where the server knows no store', async () => {
    shown(<SendRecords />, { 'record-store': { simulated: false, held: 0, students: [STUDENT] } });
    expect(await screen.findByText(/has no record store/)).toBeDefined();
    expect(screen.queryByRole('button')).toBeNull();
  });
  it('shows where statements go', async () => {
    const store = { address: 'https://records.example/xapi', simulated: false, held: 0, students: [STUDENT] };
    shown(<SendRecords />, { 'record-store': store });
    expect(await screen.findByText('https://records.example/xapi')).toBeDefined();
    expect(screen.queryByText(/simulated/)).toBeNull();
    expect(screen.getByRole('button', { name: 'Send what everybody did' })).toBeDefined();
  });
});

describe('a file of statements', () => {
  const plan = { taken: [{ id: 's', name: 'Ansa', statements: 2 }], again: 0, notTaken: [], more: 0 };
  it('is told in short', () => {
    expect(inShort(plan)).toBe('2 statements of one student.');
    expect(inShort({ ...plan, again: 1 })).toBe('2 statements of one student. 1 statement is here already.');
    expect(inShort({ ...plan, taken: [], again: 3 })).toBe('Nothing new comes in. 3 statements are here already.');
  });
});

describe('what was done elsewhere', () => {
  const deed = { id: 'd', at: '2026-05-02T10:00:00Z', verb: 'completed', title: 'Knots' };
  it('has its year', () => {
    expect(whenItWas('2019-05-02T12:00:00Z')).toBe('May 2, 2019');
  });
  it('says in words how it went', () => {
    expect(howItWent({})).toBe('');
    expect(howItWent({ success: true, percent: 80 })).toBe('✓ done, 80%');
    expect(howItWent({ success: false })).toBe('✗ not yet');
  });
  it('is a table, and nothing where there is nothing', () => {
    shown(<OutsideHistory />, { 'history/own': { deeds: [deed], all: 250 } });
    expect(screen.getByRole('row', { name: /completed: Knots/ })).toBeDefined();
    expect(screen.getByText(/The latest 1 of 250\./)).toBeDefined();
    cleanup();
    shown(<OutsideHistory />, { 'history/own': { deeds: [], all: 0 } });
    expect(screen.queryByRole('table')).toBeNull();
  });
});
