// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Schemas } from '../../../api/client';
import { PartFields } from './PartFields';

vi.mock('../../../math/useReading', () => ({ useReading: () => ({ data: undefined }) }));

afterEach(cleanup);

const fieldOf = (id: string, label: string): Schemas['FieldView'] => ({
  id,
  label,
  wanted: 'a whole number',
  answerKind: 'number',
  letters: [],
  suffix: '',
  response: { kind: 'Typed', palette: [] },
  spoken: {},
});

function shown(head: string[], rows: string[][], sums = false) {
  const told = vi.fn();
  const fault = vi.spyOn(console, 'error').mockImplementation(() => undefined);
  const part: Schemas['PartView'] = {
    prompt: 'Fill in.',
    layout: { kind: 'InTable', head, rows, sums },
    fields: [fieldOf('c', 'the cell'), fieldOf('d', 'another cell')],
    triesAllowed: 3,
    triesLeft: 3,
    hints: [],
    hintsInAll: 0,
    status: 'OPEN',
    entries: {},
    feedback: [],
    answers: [],
  };
  render(
    <QueryClientProvider client={new QueryClient()}>
      <PartFields part={part} entries={{ c: '0.25' }} onChange={told} onEnter={() => told('enter')} />
    </QueryClientProvider>,
  );
  return { told, fault };
}

describe('a table to fill in', () => {
  it('shows mathematics in its head', () => {
    shown(['times', '$x^{2}$'], [['$3$', '{{c}}']]);
    expect(screen.getAllByRole('columnheader').map((th) => th.textContent)).not.toContain('$x^{2}$');
    expect(screen.getAllByRole('columnheader')[1]?.querySelector('math, .katex')).not.toBeNull();
  });

  it('shows cells and columns that hold the same, each in its place', () => {
    const { fault } = shown(['ones', 'ones', 'ones'], [['0', '0', '{{c}}']]);
    expect(screen.getAllByRole('cell').map((td) => td.textContent)).toEqual(['0', '0', '']);
    expect(fault).not.toHaveBeenCalled();
  });

  it('tells which cell is filled, by the name of its field', () => {
    const { told } = shown(['a', 'b'], [['{{c}}', '{{d}}']]);
    fireEvent.change(screen.getByLabelText(/^another cell/), { target: { value: '7' } });
    expect(told).toHaveBeenCalledWith('d', '7');
  });

  it('adds up a row as it is typed', () => {
    shown(['a', 'b'], [['{{c}}', '{{d}}']], true);
    expect(screen.getAllByRole('cell').at(-1)?.textContent).toBe('0.25');
  });
});
