// @vitest-environment jsdom
import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { Button } from './Button';

afterEach(cleanup);

describe('a button', () => {
  it('does what it says, by mouse and by key', async () => {
    const run = vi.fn();
    render(<Button onClick={run}>Check</Button>);
    await userEvent.click(screen.getByRole('button', { name: 'Check' }));
    await userEvent.keyboard('{Enter} ');
    expect(run).toHaveBeenCalledTimes(3);
  });
  it('that is disabled does nothing, says so, and keeps the focus', async () => {
    const run = vi.fn();
    const { rerender } = render(<Button onClick={run}>Check</Button>);
    const button = screen.getByRole('button');
    button.focus();
    rerender(
      <Button onClick={run} disabled>
        Check
      </Button>,
    );
    expect(document.activeElement).toBe(button);
    expect(button.getAttribute('aria-disabled')).toBe('true');
    await userEvent.click(button);
    await userEvent.keyboard('{Enter}');
    expect(run).not.toHaveBeenCalled();
  });
  it('that is disabled sends no form, neither when it is pressed nor by Enter in a field', async () => {
    const send = vi.fn((event: { preventDefault: () => void }) => event.preventDefault());
    render(
      <form onSubmit={send}>
        <input aria-label="Title" />
        <Button type="submit" disabled>
          Set it
        </Button>
      </form>,
    );
    await userEvent.click(screen.getByRole('button'));
    await userEvent.type(screen.getByLabelText('Title'), 'Snow poles{Enter}');
    expect(send).not.toHaveBeenCalled();
  });
  it('names its key', () => {
    render(<Button hint="H">Hint</Button>);
    expect(screen.getByRole('button').querySelector('kbd')?.textContent).toBe('H');
  });
});
