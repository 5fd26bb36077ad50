// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, beforeAll, describe, expect, it, vi } from 'vitest';
import type { Schemas } from '../../../api/client';
import { openPart } from '../../../testing/part';
import { PartFields } from './PartFields';
import { fetchTypesetter } from '../../../ui/typesetter';

beforeAll(fetchTypesetter);

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

function shown(head: string[], rows: string[][], sums = false, change: Partial<Schemas['FieldView']> = {}) {
  const told = vi.fn();
  const fault = vi.spyOn(console, 'error').mockImplementation(() => undefined);
  const part = openPart('Fill in.', { kind: 'InTable', head, rows, sums }, [
    fieldOf('c', 'the cell'),
    { ...fieldOf('d', 'another cell'), ...change },
  ]);
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

  it('says once what is wanted in all boxes', () => {
    shown(['a', 'b'], [['{{c}}', '{{d}}']]);
    expect(screen.getByText('Wanted in each: a whole number')).toBeDefined();
  });

  it('says box by box what is wanted where it differs, and shows a sign that belongs to the box', () => {
    shown(['a', 'b'], [['{{c}}', '{{d}}']], false, { wanted: 'a fraction', suffix: '%' });
    expect(screen.getByText('Wanted: the cell: a whole number · another cell: a fraction')).toBeDefined();
    expect(screen.getByLabelText('another cell, in %, wanted: a fraction')).toBeDefined();
    expect(screen.getByText('%')).toBeDefined();
  });

  it('has a small box within a sentence, and says below what is wanted', () => {
    const told = vi.fn();
    const layout = { kind: 'InSentence' as const, template: 'between {{c}} and {{d}}' };
    const part = openPart('Fill in.', layout, [fieldOf('c', 'the smaller'), fieldOf('d', 'the larger')]);
    render(
      <QueryClientProvider client={new QueryClient()}>
        <PartFields part={part} entries={{}} onChange={told} onEnter={told} />
      </QueryClientProvider>,
    );
    expect(screen.getAllByRole('textbox').map((box) => box.closest('p')?.textContent)).toEqual([
      'between  and ',
      'between  and ',
    ]);
    expect(screen.getByText('Wanted in each: a whole number')).toBeDefined();
    expect(screen.queryByText(/Read as/)).toBeNull();
  });
});
