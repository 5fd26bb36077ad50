// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Builder } from './Builder';
import type { AssignmentsHand } from './useClass';
import { firstWish } from './wish';

const NOW = new Date(2026, 4, 4, 15, 0);
const SKILLS = [
  { id: 'place-value', name: 'Place and value of a digit', strand: 'Numbers', needs: [], depth: 0, knownBy: 1 },
  { id: 'mean', name: 'The mean', strand: 'Data', needs: ['place-value'], depth: 1, knownBy: 0 },
];
const student = (id: string, name: string) => ({
  student: { id, username: id, name, family: '', extraTime: 0, waiting: false },
  known: 0,
  open: 0,
  late: 0,
  minutesThisWeek: 0,
  stuckOn: [],
});

describe('setting an assignment', () => {
  const add = { mutate: vi.fn(), isPending: false, isError: false };
  const onSet = vi.fn();
  const onLeave = vi.fn();
  beforeEach(() => {
    add.mutate.mockReset();
    const queries = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity } } });
    queries.setQueryData(['class-skills'], SKILLS);
    queries.setQueryData(['class'], {
      className: 'Upper hut',
      students: [student('a', 'Ansa Holm'), student('b', 'Bero Linden')],
      stuck: [],
      closed: [],
      skills: 28,
    });
    // oxlint-disable-next-line typescript/no-unsafe-type-assertion -- only what the form uses of it
    const hand = { add } as unknown as AssignmentsHand;
    render(
      <QueryClientProvider client={queries}>
        <Builder first={firstWish(NOW)} hand={hand} onSet={onSet} onLeave={onLeave} />
      </QueryClientProvider>,
    );
  });
  afterEach(cleanup);
  const says = () => screen.getByRole('status').textContent;
  const press = (name: string) => userEvent.click(screen.getByRole('button', { name }));

  it('says what is missing, one thing at a time, and sends nothing until nothing is', async () => {
    expect(says()).toBe('Give it a title.');
    await press('Set it');
    await userEvent.type(screen.getByLabelText('Title'), 'Snow poles{Enter}');
    expect(says()).toBe('Choose at least one skill.');
    expect(add.mutate).not.toHaveBeenCalled();
    await userEvent.click(screen.getByLabelText(/^The mean/));
    expect(says()).toBe('One skill, due Sun, May 10, for the whole class.');
    await press('Set it');
    expect(add.mutate.mock.calls[0]?.[0]).toMatchObject({
      title: 'Snow poles',
      skills: ['mean'],
      target: 'score:80',
      students: [],
    });
  });
  it('offers what comes first and not everybody knows', async () => {
    await userEvent.click(screen.getByLabelText(/^The mean/));
    expect(screen.getByText(/known by 1 of 2/)).toBeTruthy();
    await press('Put it first');
    await userEvent.type(screen.getByLabelText('Title'), 'T');
    await press('Set it');
    expect(add.mutate.mock.calls[0]?.[0]).toMatchObject({ skills: ['place-value', 'mean'] });
  });
  it('finds a skill by its name or strand, and says when there is none', async () => {
    await userEvent.type(screen.getByLabelText('Find a skill'), 'data');
    expect(screen.queryByLabelText(/^Place and value/)).toBeNull();
    expect(screen.getByLabelText(/^The mean/)).toBeTruthy();
    await userEvent.type(screen.getByLabelText('Find a skill'), 'zzz');
    expect(screen.getByText(/No skill or strand has/)).toBeTruthy();
  });
  it('is for some students when some are ticked', async () => {
    await userEvent.click(screen.getByLabelText('Bero Linden'));
    await userEvent.type(screen.getByLabelText('Title'), 'T');
    await userEvent.click(screen.getByLabelText(/^The mean/));
    expect(says()).toBe('One skill, due Sun, May 10, for one student.');
    await press('Set it');
    expect(add.mutate.mock.calls[0]?.[0]).toMatchObject({ students: ['b'] });
  });
  it('as a check asks for no skills', async () => {
    await userEvent.click(screen.getByLabelText(/^the starting check/));
    await userEvent.type(screen.getByLabelText('Title'), 'T');
    expect(screen.queryByText('Find a skill')).toBeNull();
    expect(says()).toBe('A check, due Sun, May 10, for the whole class.');
  });
  it('is left without being set', async () => {
    await press('Not now');
    expect(onLeave).toHaveBeenCalledOnce();
    expect(onSet).not.toHaveBeenCalled();
  });
});
