// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, cleanup, renderHook, waitFor } from '@testing-library/react';
import type { ReactNode } from 'react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { useTakingIn } from './useTakingIn';

afterEach(cleanup);

function hand(over: { take?: () => Promise<string> } = {}) {
  const last = vi.fn<() => Promise<string | null>>().mockResolvedValue(null);
  const undo = vi.fn<(id: string) => Promise<void>>().mockResolvedValue();
  const queries = new QueryClient();
  const invalidated = vi.spyOn(queries, 'invalidateQueries');
  const { result } = renderHook(
    () =>
      useTakingIn({
        key: ['things', 'last'],
        changes: [['things'], ['class']],
        last,
        plan: async (name: string) => `plan of ${name}`,
        take: over.take ?? (async (name: string) => `took ${name}`),
        undo,
      }),
    {
      wrapper: ({ children }: { children: ReactNode }) => (
        <QueryClientProvider client={queries}>{children}</QueryClientProvider>
      ),
    },
  );
  return { result, last, undo, changed: () => invalidated.mock.calls.map(([filter]) => filter?.queryKey?.join('/')) };
}

describe('taking a file in', () => {
  it('keeps what was sent beside its plan, and asks nothing anew', async () => {
    const { result, changed } = hand();
    act(() => result.current.plan.mutate('a'));
    await waitFor(() => expect(result.current.plan.data).toEqual({ sent: 'a', plan: 'plan of a' }));
    expect(changed()).toEqual([]);
  });
  it('forgets the plan once it is done, and asks for everything that is another now', async () => {
    const { result, last, changed } = hand();
    act(() => result.current.plan.mutate('a'));
    await waitFor(() => expect(result.current.plan.data).toBeDefined());
    last.mockResolvedValue('a');
    act(() => result.current.take.mutate('a'));
    await waitFor(() => expect(result.current.last).toBe('a'));
    expect(result.current.plan.data).toBeUndefined();
    expect(result.current.take.data).toBe('took a');
    expect(changed()).toEqual(['things', 'class']);
  });
  it('keeps the plan when it is refused, so that nothing has to be chosen again', async () => {
    const { result, changed } = hand({ take: () => Promise.reject(new Error('full')) });
    act(() => result.current.plan.mutate('a'));
    await waitFor(() => expect(result.current.plan.data).toBeDefined());
    act(() => result.current.take.mutate('a'));
    await waitFor(() => expect(result.current.take.error?.message).toBe('full'));
    expect(result.current.plan.data?.sent).toBe('a');
    expect(changed()).toEqual([]);
  });
  it('says no longer that it is done once it is undone', async () => {
    const { result, undo, changed } = hand();
    act(() => result.current.take.mutate('a'));
    await waitFor(() => expect(result.current.take.isSuccess).toBe(true));
    act(() => result.current.undo.mutate('7'));
    await waitFor(() => expect(result.current.undo.isSuccess).toBe(true));
    expect(undo.mock.calls[0]?.[0]).toBe('7');
    expect(result.current.take.isIdle).toBe(true);
    expect(changed()).toEqual(['things', 'class', 'things', 'class']);
  });
});
