// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter } from 'react-router';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { MapSkill } from './layout';
import MapScreen from './MapScreen';

vi.mock('../../ui/TopBar', () => ({ TopBar: () => null }));

const skill = (id: string, status: MapSkill['status'], missing: string[] = [], way: string[] = []): MapSkill => ({
  id,
  name: `Skill ${id}`,
  strand: 'Numbers',
  depth: way.length,
  prerequisites: missing,
  missing,
  way,
  status,
  assignmentId: 'own',
});

const SKILLS = [
  skill('a', 'KNOWN'),
  skill('b', 'READY'),
  skill('c', 'LOCKED', ['b'], ['b']),
  skill('d', 'LOCKED', ['c'], ['b', 'c']),
];

describe('the map', () => {
  beforeEach(() => {
    const queries = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity, retry: false } } });
    queries.setQueryData(['map', undefined], { student: 'Ansa', course: 'Letters', skills: SKILLS });
    render(
      <QueryClientProvider client={queries}>
        <MemoryRouter>
          <MapScreen />
        </MemoryRouter>
      </QueryClientProvider>,
    );
  });
  afterEach(cleanup);
  const onMap = () =>
    within(screen.getByRole('group'))
      .getAllByRole('button')
      .map((button) => button.textContent?.replace(/,.*/, ''));
  const press = (name: RegExp) => userEvent.click(screen.getByRole('button', { name }));

  it('says which course it shows', () => {
    expect(screen.getByText('Letters')).toBeDefined();
  });

  it('shows the skills of one state alone, and all of them again', async () => {
    await press(/^2 not yet ready/);
    expect(onMap()).toEqual(['Skill c', 'Skill d']);
    expect(screen.getByRole('button', { name: /^2 not yet ready/ }).getAttribute('aria-pressed')).toBe('true');
    await press(/^1 known/);
    expect(onMap()).toEqual(['Skill a']);
    await press(/^1 known/);
    expect(onMap()).toHaveLength(4);
  });

  it('offers no filter that would show nothing', () => {
    expect(screen.getByRole('button', { name: /^0 in progress/ })).toHaveProperty('disabled', true);
  });

  it('shows the whole way to a skill where more than one stands before it', async () => {
    await press(/^Skill d/);
    const way = screen.getByText('The way there: 2 skills').closest('details') as HTMLElement;
    expect(
      within(way)
        .getAllByRole('listitem', { hidden: true })
        .map((li) => li.textContent),
    ).toEqual(['Skill b', 'Skill c']);
    await press(/^Skill c/);
    expect(screen.queryByText(/The way there/)).toBeNull();
  });
});
