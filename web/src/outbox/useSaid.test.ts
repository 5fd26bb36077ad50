// @vitest-environment jsdom
import { act, renderHook } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { useSaid } from './useSaid';

const said = (first: boolean) => renderHook(({ server }) => useSaid(server), { initialProps: { server: first } });

describe('what somebody has just turned', () => {
  it('stays until the server says something else', () => {
    const { result, rerender } = said(false);
    act(() => result.current[1](true));
    expect(result.current[0]).toBe(true);
    rerender({ server: false });
    expect(result.current[0]).toBe(true);
    rerender({ server: true });
    expect(result.current[0]).toBe(true);
  });

  it('is forgotten then, so that what another window does later is seen', () => {
    const { result, rerender } = said(false);
    act(() => result.current[1](true));
    rerender({ server: true });
    rerender({ server: false });
    expect(result.current[0]).toBe(false);
  });

  it('can be turned back before the server has said anything', () => {
    const { result } = said(true);
    act(() => result.current[1](false));
    act(() => result.current[1](true));
    expect(result.current[0]).toBe(true);
  });
});
