// @vitest-environment jsdom
import { cleanup, fireEvent, screen } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { type Response, shown } from '../../../testing/field';
import { sceneOf, square } from '../../../testing/scenes';

afterEach(cleanup);

const press = (name: string) => fireEvent.click(screen.getByRole('button', { name }));
const key = (name: string) => fireEvent.keyDown(screen.getByRole('application'), { key: name });

const TICKS = ['0', '1', '2', '3'].map((id, i) => ({
  ...square(id, 100 * i),
  kind: 'TICK' as const,
  label: `at ${id}`,
}));

describe('a place on a number line', () => {
  const mark: Response = { kind: 'MarkOnLine', scene: sceneOf({ spots: TICKS }) };

  it('is found by arrow keys, from the left end on', () => {
    const told = shown(mark);
    for (const name of ['ArrowRight', 'ArrowRight', 'End', 'ArrowRight', 'ArrowLeft', 'Home', 'ArrowLeft']) {
      key(name);
    }
    expect(told.mock.calls.flat()).toEqual(['0', '1', '3', '3', '2', '0', '0']);
    expect(screen.getByText('The mark is at 0.')).toBeDefined();
  });

  it('is checked with Enter, and moves by buttons too', () => {
    const told = shown(mark, '1');
    press('right');
    key('Enter');
    expect(told.mock.calls.flat()).toEqual(['2', 'enter']);
  });

  it('lies at its tick, and nothing moves it once it is closed', () => {
    shown(mark, '2', true);
    expect(document.querySelector('[data-marked="2"]')?.getAttribute('cx')).toBe('205');
    expect(screen.queryByRole('application')).toBeNull();
  });
});

describe('what was right', () => {
  const answer = (selector: string) => document.querySelector('[data-right-answer]')?.querySelector(selector);

  it('is a ring around the tick', () => {
    shown({ kind: 'MarkOnLine', scene: sceneOf({ spots: TICKS }) }, '2', true, ['3']);
    expect(document.querySelector('[data-right-answer="3"]')?.getAttribute('cx')).toBe('305');
    expect(screen.getByText('The mark is at 2. The ring is right: it is at 3.')).toBeDefined();
  });

  it('is a ray of its own, where another one was drawn', () => {
    const ray: Response = { kind: 'RayOnLine', scene: sceneOf({ spots: TICKS }) };
    shown(ray, '<,open,2', true, ['>,filled,1']);
    expect(answer('[data-ray]')?.getAttribute('data-ray')).toBe('>filled');
    cleanup();
    shown(ray, '>,filled,1', true, ['>,filled,1']);
    expect(document.querySelector('[data-right-answer]')).toBeNull();
  });

  it('is an order', () => {
    const options = ['a', 'b', 'c'].map((id) => ({ id, text: `thing ${id}` }));
    shown({ kind: 'PutInOrder', options }, 'a,b,c', true, ['c', 'a', 'b']);
    expect(document.querySelector('[data-right-answer]')?.textContent).toBe('The right order: thing cthing athing b');
  });
});

describe('a ray on a number line', () => {
  const ray: Response = { kind: 'RayOnLine', scene: sceneOf({ spots: TICKS }) };

  it('has an end, a kind of end and a way', () => {
    const told = shown(ray);
    key('ArrowRight');
    fireEvent.click(screen.getByText('○ does not'));
    fireEvent.click(screen.getByText('to the right →'));
    key('ArrowRight');
    expect(told.mock.calls.flat()).toEqual([',,0', ',open,0', '>,open,0', '>,open,1']);
    expect(screen.getByText('It ends at 1. That number does not belong to it. It runs to the right.')).toBeDefined();
    expect(document.querySelector('[data-ray]')?.getAttribute('data-ray')).toBe('>open');
  });
});

describe('things to put in order', () => {
  const order: Response = {
    kind: 'PutInOrder',
    options: ['a', 'b', 'c'].map((id) => ({ id, text: `thing ${id}` })),
  };

  it('are pressed one after the other, and taken back', () => {
    const told = shown(order);
    fireEvent.click(screen.getByText('thing b'));
    fireEvent.click(screen.getByText('thing a'));
    fireEvent.click(screen.getByText('thing b'));
    fireEvent.click(screen.getByText('thing c'));
    expect(told.mock.calls.flat()).toEqual(['b', 'b,a', 'a', 'a,c']);
  });

  it('are moved by arrow keys', () => {
    const told = shown(order, 'b,a,c');
    const card = screen.getByRole('button', { name: /^Place 2: thing a/ });
    fireEvent.keyDown(card, { key: 'ArrowLeft' });
    fireEvent.keyDown(screen.getByText('thing c'), { key: 'Enter' });
    expect(told.mock.calls.flat()).toEqual(['a,b,c', 'enter']);
  });

  it('are dragged to a place', () => {
    const told = shown(order, 'b,a');
    const dataTransfer = { getData: () => 'c', setData: () => {} };
    const [first] = screen.getAllByRole('listitem');
    fireEvent.drop(first ?? document.body, { dataTransfer });
    expect(told).toHaveBeenLastCalledWith('c,b,a');
  });

  it('take nothing that is dragged from elsewhere', () => {
    const told = shown(order, 'b,a');
    const [first] = screen.getAllByRole('listitem');
    fireEvent.drop(first ?? document.body, { dataTransfer: { getData: () => 'https://elsewhere' } });
    expect(told).not.toHaveBeenCalled();
  });
});

describe('digits in columns', () => {
  const columns: Response = {
    kind: 'WriteInColumns',
    rows: [
      ['', '2', '4'],
      ['', '9', '8'],
    ],
    sign: '+',
    points: [false, false, false],
  };
  const box = (place: number) => screen.getByLabelText<HTMLInputElement>(`The answer, column ${place} from the right`);

  it('go from right to left', () => {
    const told = shown(columns);
    fireEvent.change(box(1), { target: { value: '2' } });
    expect(document.activeElement).toBe(box(2));
    fireEvent.change(box(2), { target: { value: '2' } });
    fireEvent.change(box(3), { target: { value: '1' } });
    expect(told.mock.calls.flat()).toEqual(['2', '22', '122']);
  });

  it('are corrected one by one; letters are none', () => {
    const told = shown(columns, '122');
    fireEvent.change(box(2), { target: { value: '27' } });
    fireEvent.change(box(3), { target: { value: 'x' } });
    fireEvent.keyDown(box(3), { key: 'ArrowRight' });
    expect(document.activeElement).toBe(box(2));
    fireEvent.keyDown(box(2), { key: 'Enter' });
    expect(told.mock.calls.flat()).toEqual(['172', '72', 'enter']);
  });

  it('lead on though the same digit is typed once more', () => {
    const told = shown(columns, '122');
    box(1).focus();
    fireEvent.keyDown(box(1), { key: '2' });
    fireEvent.keyDown(box(2), { key: '2' });
    expect(document.activeElement).toBe(box(3));
    fireEvent.keyDown(box(3), { key: '1', ctrlKey: true });
    expect(told.mock.calls.flat()).toEqual(['122', '122']);
  });

  it('leave what is carried out of the answer', () => {
    const told = shown(columns, '22');
    fireEvent.change(screen.getByLabelText('Carried, column 2 from the right'), { target: { value: '1' } });
    expect(screen.getByLabelText<HTMLInputElement>('Carried, column 2 from the right').value).toBe('1');
    expect(told).not.toHaveBeenCalled();
  });
});
