// @vitest-environment jsdom
import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { SingleKeys } from './SingleKeys';
import { singleKeys, useKeys } from './useKeys';

function Page({ keys }: { keys: Record<string, () => void> }) {
  useKeys(keys);
  return <input aria-label="Answer" />;
}

describe('single keys', () => {
  const hint = vi.fn();
  beforeEach(() => {
    hint.mockReset();
    localStorage.clear();
    render(<Page keys={{ h: hint }} />);
  });
  afterEach(cleanup);

  it('work while nothing is typed into', async () => {
    await userEvent.keyboard('h');
    await userEvent.keyboard('x');
    expect(hint).toHaveBeenCalledOnce();
  });
  it('are letters where something is typed', async () => {
    await userEvent.type(screen.getByLabelText('Answer'), 'h');
    expect(hint).not.toHaveBeenCalled();
    expect(screen.getByLabelText<HTMLInputElement>('Answer').value).toBe('h');
  });
  it('work with Alt wherever one is', async () => {
    screen.getByLabelText('Answer').focus();
    await userEvent.keyboard('{Alt>}h{/Alt}');
    expect(hint).toHaveBeenCalledOnce();
  });
  it('leave what the browser does with Control alone', async () => {
    await userEvent.keyboard('{Control>}h{/Control}');
    expect(hint).not.toHaveBeenCalled();
  });
  it('leave a field by Escape', async () => {
    screen.getByLabelText('Answer').focus();
    await userEvent.keyboard('{Escape}h');
    expect(document.activeElement).toBe(document.body);
    expect(hint).toHaveBeenCalledOnce();
  });
  it('can be turned off, and then want Alt', async () => {
    singleKeys.turn(false);
    await userEvent.keyboard('h');
    expect(hint).not.toHaveBeenCalled();
    await userEvent.keyboard('{Alt>}h{/Alt}');
    expect(hint).toHaveBeenCalledOnce();
  });
  it('have a switch that stays as it was left', async () => {
    render(<SingleKeys />);
    await userEvent.click(screen.getByRole('checkbox', { name: 'Single keys work without Alt' }));
    expect(singleKeys.areOn()).toBe(false);
    await userEvent.click(screen.getByRole('checkbox'));
    expect(singleKeys.areOn()).toBe(true);
  });
});

it('nothing is listened to once the page is gone', async () => {
  const late = vi.fn();
  render(<Page keys={{ h: late }} />);
  cleanup();
  await userEvent.keyboard('h');
  expect(late).not.toHaveBeenCalled();
});
