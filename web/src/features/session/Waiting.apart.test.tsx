// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, cleanup, fireEvent, render, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Outbox } from '../../outbox/outbox';
import { lasting, outboxOf, server, typed, type Server } from '../../outbox/testing';
import { SOON_MS } from '../../outbox/outbox';

const here = vi.hoisted((): { outbox: Outbox | undefined } => ({ outbox: undefined }));
vi.mock('../../outbox', () => ({
  get outbox() {
    return here.outbox;
  },
}));

const { Waiting } = await import('./Waiting');

const ME = { id: 'wim', name: 'Wim', username: 'wim', role: 'STUDENT' as const };
let to: Server;
let box: Outbox;

beforeEach(async () => {
  vi.useFakeTimers();
  to = server();
  box = await outboxOf(to, lasting());
  here.outbox = box;
});

afterEach(() => {
  cleanup();
  vi.useRealTimers();
});

/** On a page, after another window has changed the draft and the server has said so. */
async function disputedOn(page: string) {
  render(
    <QueryClientProvider client={new QueryClient()}>
      <MemoryRouter initialEntries={[page]}>
        {/* oxlint-disable-next-line typescript/no-unsafe-type-assertion -- only the id and name count */}
        <Waiting me={ME as never} />
      </MemoryRouter>
    </QueryClientProvider>,
  );
  act(() => void box.put(typed('46')));
  await act(() => vi.advanceTimersByTimeAsync(SOON_MS));
  await act(() => to.answer({ kind: 'changed', theirs: '5', tag: '"9"' }));
}

describe('an answer that another window has changed', () => {
  it('is chosen on the page of its item', async () => {
    await disputedOn('/due');
    expect(screen.getByRole('link', { name: 'Choose which one to keep' }).getAttribute('href')).toBe(
      '/practice/set/mean',
    );
  });

  it('can only be copied where its item was gone on from', async () => {
    await disputedOn('/practice/set/mean');
    expect(screen.queryByRole('link')).toBeNull();
    expect(screen.getByRole('alert').textContent).toContain('Its place is gone');
    fireEvent.click(screen.getByRole('button', { name: 'Close' }));
    expect(screen.queryByRole('alert')).toBeNull();
    expect(box.snapshot().deeds).toHaveLength(0);
  });
});
