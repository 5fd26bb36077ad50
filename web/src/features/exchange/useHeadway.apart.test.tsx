// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, cleanup, render, renderHook, screen, waitFor } from '@testing-library/react';
import type { ReactNode } from 'react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { TakingIn } from './TakenIn';
import { useHeadway } from './useHeadway';

type Asked = { params: { path: { id: string } } };
const { GET } = vi.hoisted(() => ({ GET: vi.fn<(path: string, asked: Asked) => Promise<unknown>>() }));
vi.mock('../../api/client', async (original) => ({
  ...(await original<typeof import('../../api/client')>()),
  api: { GET },
}));

const HALF = { doing: 'Reading the records', done: 2, steps: 4 };

beforeEach(() => GET.mockReset().mockResolvedValue({ data: HALF, response: { ok: true } }));
afterEach(cleanup);

function hook() {
  const queries = new QueryClient();
  return renderHook(() => useHeadway(), {
    wrapper: ({ children }: { children: ReactNode }) => (
      <QueryClientProvider client={queries}>{children}</QueryClientProvider>
    ),
  });
}

describe('how far a request has come', () => {
  it('is asked by the number that was sent, and no longer once the request has ended', async () => {
    const { result } = hook();
    expect(GET).not.toHaveBeenCalled();
    const sent: string[] = [];
    let end: (said: string) => void = () => undefined;
    let answer: Promise<string> = Promise.resolve('');
    act(() => {
      answer = result.current.during((way) => {
        sent.push(way);
        return new Promise((resolve) => (end = resolve));
      });
    });
    await waitFor(() => expect(result.current.headway).toEqual(HALF));
    expect(GET.mock.calls[0]?.[1].params.path.id).toBe(sent[0]);
    await act(async () => {
      end('done');
      expect(await answer).toBe('done');
    });
    expect(result.current.headway).toBeUndefined();
  });

  it('has another number for each request, and ends with one that is refused', async () => {
    const { result } = hook();
    const sent: string[] = [];
    const refuse = (way: string) => {
      sent.push(way);
      return Promise.reject(new Error('no'));
    };
    await act(async () => {
      await expect(result.current.during(refuse)).rejects.toThrow('no');
      await expect(result.current.during(refuse)).rejects.toThrow('no');
    });
    expect(new Set(sent).size).toBe(2);
    expect(result.current.headway).toBeUndefined();
  });
});

describe('while something is taken in', () => {
  const bar = () => screen.getByRole('progressbar', { name: 'Taking the archive in' });

  it('shows how much of what is done', () => {
    render(<TakingIn reading={false} taking what="archive" headway={HALF} />);
    expect(screen.getByRole('status').textContent).toBe('Taking it in …');
    expect(screen.getByText('Reading the records')).toBeDefined();
    expect(bar().getAttribute('value')).toBe('2');
    expect(bar().getAttribute('max')).toBe('4');
  });

  it('shows a bar without a measure as long as there is none', () => {
    render(<TakingIn reading taking={false} what="archive" headway={{ doing: '', done: 0, steps: 0 }} />);
    expect(screen.getByRole('status').textContent).toBe('Reading the archive …');
    expect(bar().hasAttribute('value')).toBe(false);
  });

  it('shows nothing when nothing is under way', () => {
    const { container } = render(<TakingIn reading={false} taking={false} what="archive" headway={undefined} />);
    expect(container.textContent).toBe('');
  });
});
