// @vitest-environment jsdom
import { cleanup, render, screen, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';

afterEach(cleanup);

describe('mathematics', () => {
  beforeEach(() => {
    vi.resetModules();
    vi.doUnmock('katex');
  });

  it('keeps its room while the typesetter comes, and is set when it is there', async () => {
    const { Tex } = await import('./Tex');
    const { container } = render(<Tex latex="\frac{1}{2}" />);
    expect(container.querySelector('[data-typesetting]')?.className).toBe('invisible');
    await waitFor(() => expect(container.querySelector('math')).not.toBeNull());
    expect(container.querySelector('[data-typesetting]')).toBeNull();
  });

  it('is set at once when the typesetter is there already', async () => {
    const { fetchTypesetter } = await import('./typesetter');
    const { Tex } = await import('./Tex');
    await fetchTypesetter();
    const { container } = render(<Tex latex="x^2" display />);
    expect(container.querySelector('.katex-display math')).not.toBeNull();
  });

  it('writes what nobody can read, and no markup of anybody', async () => {
    const { fetchTypesetter } = await import('./typesetter');
    const { Tex } = await import('./Tex');
    await fetchTypesetter();
    const { container } = render(<Tex latex={'\\href{javascript:alert(1)}{a} <img src=x onerror=alert(1)>'} />);
    expect(container.querySelector('img, a')).toBeNull();
    expect(screen.queryByRole('link')).toBeNull();
  });

  it('is asked for once, and again where the connection was lost', async () => {
    vi.useFakeTimers();
    let times = 0;
    vi.doMock('katex', () => {
      times++;
      if (times === 1) {
        throw new Error('lost');
      }
      return { default: { renderToString: (latex: string) => `set ${latex}` } };
    });
    const { fetchTypesetter } = await import('./typesetter');
    await fetchTypesetter();
    await fetchTypesetter;
    expect(times).toBe(1);
    await vi.advanceTimersByTimeAsync(2500);
    await fetchTypesetter();
    await fetchTypesetter();
    expect(times).toBe(2);
    vi.useRealTimers();
  });
});
