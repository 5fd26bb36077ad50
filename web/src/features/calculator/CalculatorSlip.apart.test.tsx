// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import CalculatorSlip from './CalculatorSlip';

const asked: string[] = [];

/** The server, which works things out; here it knows two of them. */
function serve(entry: string) {
  return entry === '2/3'
    ? { kind: 'Value', exact: '2/3', decimal: '0.66666667', rounded: true }
    : { kind: 'Unclear', message: 'This is not complete.' };
}

vi.mock('../../api/client', () => ({
  api: {
    POST: (_address: string, { body: { entry } }: { body: { entry: string } }) => {
      asked.push(entry);
      return Promise.resolve(serve(entry));
    },
  },
  taken: (answer: Promise<unknown>) => answer,
}));

beforeEach(() => {
  asked.length = 0;
  Element.prototype.scrollIntoView = vi.fn();
  vi.stubGlobal('requestAnimationFrame', (run: () => void) => {
    run();
    return 0;
  });
});

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

function open(data: string[] = []) {
  const onClose = vi.fn();
  render(
    <QueryClientProvider client={new QueryClient()}>
      <CalculatorSlip data={data} onClose={onClose} />
    </QueryClientProvider>,
  );
  return onClose;
}

const field = () => screen.getByRole<HTMLInputElement>('textbox', { name: 'What to work out' });
const press = (...names: string[]) => names.forEach((name) => fireEvent.click(screen.getByRole('button', { name })));

describe('the calculator', () => {
  it('takes keys where the caret is', () => {
    open();
    press('1', '2', '+');
    field().setSelectionRange(1, 1);
    press('√');
    expect(field().value).toBe('1sqrt(2+');
    expect(document.activeElement).toBe(field());
  });

  it('takes back one sign, and everything', () => {
    open();
    press('1', '2', 'back');
    expect(field().value).toBe('1');
    press('clear');
    expect(field().value).toBe('');
  });

  it('works out exactly, and shows a decimal where one asks for it', async () => {
    open();
    press('2', '÷', '3', 'Work it out');
    await waitFor(() => expect(screen.getByText('= 2/3')).toBeDefined());
    fireEvent.click(screen.getByRole('checkbox', { name: 'as decimals' }));
    expect(screen.getByText('≈ 0.66666667')).toBeDefined();
    expect(asked).toEqual(['2/3']);
  });

  it('says what is unclear, and keeps what was typed', async () => {
    open();
    press('2', '+', 'Work it out');
    await waitFor(() => expect(screen.getByRole('alert').textContent).toContain('This is not complete.'));
    expect(field().value).toBe('2+');
  });

  it('brings in the numbers of the item, one or all', () => {
    open(['32', '41']);
    press('41');
    expect(field().value).toBe('41');
    press('clear', 'mean', 'Bring in the item’s numbers');
    expect(field().value).toBe('mean(32, 41');
  });

  it('offers no numbers where the item has none', () => {
    open();
    expect(screen.queryByText('From the item:')).toBeNull();
  });
});
