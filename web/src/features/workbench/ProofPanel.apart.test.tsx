// @vitest-environment jsdom
import { cleanup, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { shown } from '../../testing/screen';
import { ProofPanel } from './ProofPanel';
import type { Draft, Proof } from './useWorkbench';

/** What the server says to each request; set by {@link served}. */
const server = vi.hoisted(() => ({ answer: (method: string): unknown => method }));

vi.mock('../../api/client', async (original) => {
  const answered = (method: string) => async () => ({ data: server.answer(method), response: new Response() });
  return {
    ...(await original<typeof import('../../api/client')>()),
    api: { GET: answered('GET'), POST: answered('POST') },
  };
});

const DRAFT: Draft = {
  id: 'own-1',
  name: 'Cans',
  text: 'skill: a',
  tag: '"t"',
  state: 'DRAFT',
  version: 0,
  faults: [],
};
const NONE: Proof = { state: 'NONE', current: false, holds: false, seen: 0, of: 0, extent: '', complaints: [] };
const RUNNING: Proof = { ...NONE, state: 'RUNNING', current: true, seen: 1200, of: 5000 };
const HOLDS: Proof = {
  ...NONE,
  state: 'DONE',
  current: true,
  holds: true,
  seen: 5000,
  of: 5000,
  extent: 'all 5,000 items',
};
const BROKEN: Proof = {
  ...HOLDS,
  holds: false,
  complaints: [
    { line: 12, place: 'cans, hints[3]', sentence: 'This hint holds the answer.', times: 40, of: 5000, tier: 2 },
  ],
};

/** The server, which says one thing after the other of the proof; the last one again and again. */
function served(...answers: Proof[]) {
  const asked: string[] = [];
  server.answer = (method) => {
    asked.push(method);
    return answers.length > 1 ? answers.shift() : answers[0];
  };
  return asked;
}

const panel = (draft: Partial<Draft> = {}, onLine: (line: number) => void = () => {}, isKept = true) =>
  shown(<ProofPanel draft={{ ...DRAFT, ...draft }} isKept={isKept} onLine={onLine} />, {});

afterEach(cleanup);

describe('a proof', () => {
  it('is asked for, tells how far it is, and in the end what holds', async () => {
    const asked = served(NONE, RUNNING, RUNNING, HOLDS);
    panel();
    await userEvent.click(await screen.findByRole('button', { name: 'Look at all items' }));
    expect(await screen.findByText('1,200 of 5,000 items')).toBeTruthy();
    expect(screen.getByRole('progressbar').getAttribute('value')).toBe('1200');
    await waitFor(() => expect(screen.getByText('✓ Everything holds: all 5,000 items.')).toBeTruthy(), {
      timeout: 4000,
    });
    expect(screen.queryByRole('progressbar')).toBeNull();
    expect(asked.filter((method) => method === 'POST')).toHaveLength(1);
  });

  it('leads from what does not hold to its line', async () => {
    served(BROKEN);
    const lines: number[] = [];
    panel({}, (line) => lines.push(line));
    expect(await screen.findByText(/One thing does not hold/)).toBeTruthy();
    expect(screen.getByText(/in 40 of 5,000 items/)).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'Line 12' }));
    expect(lines).toEqual([12]);
  });

  it('of an older text is not shown as if it were of this one', async () => {
    served({ ...BROKEN, current: false });
    panel();
    expect(await screen.findByText('The document was changed since all items were looked at.')).toBeTruthy();
    expect(screen.queryByText('This hint holds the answer.')).toBeNull();
  });

  it.each([
    ['a document that cannot be read', { faults: [{ line: 3, place: 'name', sentence: 'Is “name” meant?' }] }, true],
    ['a text that is not kept yet', {}, false],
  ])('cannot begin with %s', async (_, draft, isKept) => {
    const asked = served(NONE);
    panel(draft, () => {}, isKept);
    await userEvent.click(await screen.findByRole('button', { name: 'Look at all items' }));
    expect(asked).not.toContain('POST');
  });

  it('lists the faults of the document with their lines', async () => {
    served(NONE);
    panel({ faults: [{ line: 3, place: 'name', sentence: 'Is “name” meant?' }] });
    expect(await screen.findByText(/Is “name” meant/)).toBeTruthy();
    expect(screen.getByRole('button', { name: 'Line 3' })).toBeTruthy();
  });
});
