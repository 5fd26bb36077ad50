// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { Overtaken } from './Overtaken';

afterEach(cleanup);

const LATE = { itemId: 'one', status: 409, typed: '314' };

describe('when another window had gone on', () => {
  it('what was checked for the item before is shown on the next one, until it is read', () => {
    render(<Overtaken refused={LATE} itemId="two" />);
    expect(screen.getByRole('status').textContent).toContain('was not counted: 314');
    fireEvent.click(screen.getByRole('button'));
    expect(screen.queryByRole('status')).toBeNull();
  });

  it('a hint is not shown as something that was typed', () => {
    render(<Overtaken refused={{ ...LATE, typed: '' }} itemId="two" />);
    expect(screen.getByRole('status').textContent).toContain('What you pressed here was for the item before');
  });

  it('nothing is said on the item itself, or of other refusals', () => {
    render(<Overtaken refused={LATE} itemId="one" />);
    render(<Overtaken refused={{ ...LATE, status: 429 }} itemId="two" />);
    render(<Overtaken refused={undefined} itemId="two" />);
    expect(screen.queryByRole('status')).toBeNull();
  });

  it('the next one that comes too late is told again', () => {
    const { rerender } = render(<Overtaken refused={LATE} itemId="two" />);
    fireEvent.click(screen.getByRole('button'));
    rerender(<Overtaken refused={{ ...LATE, itemId: 'two' }} itemId="three" />);
    expect(screen.getByRole('status')).toBeDefined();
  });
});
