// @vitest-environment jsdom
import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, expect, it, vi } from 'vitest';
import { FilePlanned, inShort } from './FilePlanned';

afterEach(cleanup);

const ITEM = { title: 'Ropes', places: 1, hints: 2, lost: [] };
const OUT = { title: 'A sketch', places: 0, hints: 0, lost: ['Drawing is not read.'] };

it('is told in short', () => {
  expect(inShort({ items: [ITEM] })).toBe(
    'One item, and all can be taken over. Each becomes a variant that you can change.',
  );
  expect(inShort({ items: [ITEM, OUT] })).toBe('2 items; one can be taken over and changed. The others stay out.');
});

it('lists what comes in and what does not, and begins only when told to', async () => {
  const onBegin = vi.fn();
  const onLeave = vi.fn();
  render(<FilePlanned plan={{ items: [ITEM, OUT] }} pending={false} onBegin={onBegin} onLeave={onLeave} />);
  const [first, second] = screen.getAllByRole('listitem');
  expect(first?.textContent).toBe('Ropes: one place to answer, 2 hints.');
  expect(second?.textContent).toBe('A sketch: stays out. Left out: Drawing is not read.');
  expect(onBegin).not.toHaveBeenCalled();
  await userEvent.click(screen.getByRole('button', { name: 'Begin a skill with them' }));
  await userEvent.click(screen.getByRole('button', { name: 'Not now' }));
  expect([onBegin.mock.calls.length, onLeave.mock.calls.length]).toEqual([1, 1]);
});
