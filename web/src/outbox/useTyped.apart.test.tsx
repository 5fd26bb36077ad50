// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, cleanup, renderHook } from '@testing-library/react';
import type { ReactNode } from 'react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Outbox } from './outbox';
import { lasting, outboxOf, server, type Server } from './testing';

const here = vi.hoisted((): { outbox: Outbox | undefined } => ({ outbox: undefined }));
vi.mock('.', () => ({
  get outbox() {
    return here.outbox;
  },
}));

const { useTyped } = await import('./useTyped');

let to: Server;
const queries = new QueryClient();

beforeEach(async () => {
  vi.useFakeTimers();
  to = server();
  here.outbox = await outboxOf(to, lasting());
});

afterEach(() => {
  cleanup();
  vi.useRealTimers();
});

/** A field whose query the server has answered with this. */
function field(first: { text: string; tag: string }) {
  const answered = (answer: typeof first, at = Date.now()) =>
    queries.setQueryData(['source'], answer, { updatedAt: at });
  answered(first);
  const wrapper = ({ children }: { children: ReactNode }) => (
    <QueryClientProvider client={queries}>{children}</QueryClientProvider>
  );
  const { result, rerender } = renderHook(
    ({ text, tag }) =>
      useTyped<string>(
        {
          source: ['source'],
          place: 'item/a',
          slot: 'draft/a',
          words: 'Your answer',
          letter: (value) => ({
            method: 'put',
            path: '/api/items/{itemId}/draft',
            params: { itemId: 'a' },
            body: value,
            forClass: '',
          }),
          typed: (body) => (typeof body === 'string' ? body : null),
          copy: (value) => value,
        },
        text,
        tag,
      ),
    { initialProps: first, wrapper },
  );
  /** @param at when it was asked, where that is not now */
  const says = async (answer: typeof first, at?: number) => {
    await vi.advanceTimersByTimeAsync(10);
    act(() => void answered(answer, at));
    rerender(answer);
  };
  const type = async (text: string) => {
    act(() => void result.current.change(() => text));
    await act(async () => {
      await vi.advanceTimersByTimeAsync(500);
      await to.take();
    });
  };
  /** Two changes in one go: the page is not drawn in between. */
  const typeBoth = async (...edits: ((before: string) => string)[]) => {
    act(() => {
      const { change } = result.current;
      edits.forEach((edit) => change(edit));
    });
    await act(async () => {
      await vi.advanceTimersByTimeAsync(500);
      await to.take();
    });
  };
  return { value: () => result.current.value, says, type, typeBoth };
}

describe('a field that is typed in', () => {
  it('shows what the server has, then what is typed', async () => {
    const { value, type } = field({ text: '345', tag: '"t345"' });
    expect(value()).toBe('345');
    await type('12');
    expect(value()).toBe('12');
    expect(to.has).toEqual(['12']);
  });

  it('keeps what was typed when an older answer of the server comes late', async () => {
    const { value, type, says } = field({ text: '345', tag: '"t345"' });
    const before = Date.now();
    await type('12');
    await says({ text: '345', tag: '"t345"' }, before);
    expect(value()).toBe('12');
  });

  it('shows what another window has saved since', async () => {
    const { value, type, says } = field({ text: '', tag: '"t"' });
    await type('12');
    await says({ text: '99', tag: '"t99"' });
    expect(value()).toBe('99');
  });

  it('shows it, too, when another window went back to the text that stood here first', async () => {
    const { value, type, says } = field({ text: '345', tag: '"t345"' });
    await type('12');
    await says({ text: '345', tag: '"t345"' });
    expect(value()).toBe('345');
  });

  it('builds a change on the one just before it, though the page was not drawn in between', async () => {
    const { value, typeBoth } = field({ text: 'a', tag: '"ta"' });
    await typeBoth(
      (before) => `${before}b`,
      (before) => `${before}c`,
    );
    expect(value()).toBe('abc');
    expect(to.has).toEqual(['abc']);
  });

  it('builds a change on what another window has saved since', async () => {
    const { value, says, typeBoth } = field({ text: 'a', tag: '"ta"' });
    await says({ text: 'x', tag: '"tx"' });
    await typeBoth(
      (before) => `${before}y`,
      (before) => before,
    );
    expect(value()).toBe('xy');
  });
});
