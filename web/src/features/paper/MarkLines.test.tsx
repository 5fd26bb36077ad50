// @vitest-environment jsdom
import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { MarkLines } from './MarkLines';

const LINES = [
  { id: 'step-0', text: 'All cost the same.', mark: 0, earned: false },
  { id: 'step-1', text: 'Divide by three.', mark: 1, earned: true },
  { id: 'answer-0-a', text: 'Answer: twelve', mark: 1, earned: false },
];

afterEach(cleanup);

describe('the lines of a solution', () => {
  it('can be ticked where they earn a mark', async () => {
    const turn = vi.fn();
    render(<MarkLines lines={LINES} at={0} marking={{ earned: ['answer-0-a'], turn }} />);
    expect(screen.getAllByRole('checkbox')).toHaveLength(2);
    expect(screen.getByText('1 of 2')).toBeTruthy();
    await userEvent.click(screen.getByLabelText(/Divide by three/));
    expect(turn).toHaveBeenCalledWith('step-1');
  });

  it('show what is there once they can no longer be ticked', () => {
    render(<MarkLines lines={LINES} at={0} marking="shown" />);
    expect(screen.queryAllByRole('checkbox')).toHaveLength(0);
    expect(screen.getByText('1 of 2')).toBeTruthy();
    expect(screen.getByText(', there')).toBeTruthy();
    expect(screen.getByText(', not there')).toBeTruthy();
  });

  it('say nothing of what is there where the sum alone is known', () => {
    render(<MarkLines lines={LINES} at={0} marking="sum" />);
    expect(screen.queryByText('1 of 2')).toBeNull();
    expect(screen.queryByText(/there$/)).toBeNull();
    expect(screen.queryAllByRole('checkbox')).toHaveLength(0);
    expect(screen.getAllByText('1 mark')).toHaveLength(2);
  });
});
