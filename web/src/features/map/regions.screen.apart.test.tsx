// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter } from 'react-router';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { MapSkill } from './layout';
import MapScreen from './MapScreen';

vi.mock('../../ui/TopBar', () => ({ TopBar: () => null }));

/** Ten strands of five skills each; the second of each is ready. */
const MANY: MapSkill[] = Array.from({ length: 50 }, (_, i) => ({
  id: `s${i}`,
  name: `Skill ${i}`,
  strand: `Strand ${Math.floor(i / 5)}`,
  depth: i % 5,
  prerequisites: i % 5 === 0 ? [] : [`s${i - 1}`],
  missing: [],
  way: [],
  status: i % 5 === 0 ? 'KNOWN' : i % 5 === 1 ? 'READY' : 'LOCKED',
  assignmentId: 'own',
}));

function map(address: string) {
  const queries = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity, retry: false } } });
  queries.setQueryData(['map', undefined], { student: 'Ansa', course: '', skills: MANY });
  render(
    <QueryClientProvider client={queries}>
      <MemoryRouter initialEntries={[address]}>
        <MapScreen />
      </MemoryRouter>
    </QueryClientProvider>,
  );
}

describe('a map of many skills', () => {
  afterEach(cleanup);
  const press = (name: RegExp | string) => userEvent.click(screen.getByRole('button', { name }));
  const regions = () => screen.queryByRole('list', { name: 'Regions' });
  const inGraph = () =>
    within(screen.getByRole('group'))
      .getAllByRole('button')
      .map((button) => button.textContent?.replace(/,.*/, ''));

  it('opens with its regions, and with what can be gone on with', () => {
    map('/map');
    expect(within(regions() as HTMLElement).getAllByRole('button')).toHaveLength(10);
    const now = within(screen.getByLabelText('What you can go on with'));
    expect(now.getAllByRole('button')).toHaveLength(8);
    expect(now.getByText('and 2 more')).toBeDefined();
  });

  it('chooses a skill that is ready from afar', async () => {
    map('/map');
    await press(/^Skill 11/);
    expect(within(screen.getByLabelText('Chosen skill')).getByText('Skill 11')).toBeDefined();
  });

  it('comes nearer to one region, and back', async () => {
    map('/map');
    await press(/^Strand 3/);
    expect(inGraph()).toEqual(['Skill 15', 'Skill 16', 'Skill 17', 'Skill 18', 'Skill 19']);
    await press('← All regions');
    expect(regions()).not.toBeNull();
    await press('The whole map');
    expect(inGraph()).toHaveLength(50);
  });

  it('knows from its address what was looked at', () => {
    map('/map?part=Strand%203');
    expect(inGraph()).toHaveLength(5);
  });

  it('shows the regions where the address names none that is there', () => {
    map('/map?part=elsewhere');
    expect(regions()).not.toBeNull();
  });

  it('shows the skills of a state out of all regions', async () => {
    map('/map?part=Strand%203');
    await press(/^10 known/);
    expect(inGraph()).toHaveLength(10);
  });
});
