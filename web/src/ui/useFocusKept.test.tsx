// @vitest-environment jsdom
import { cleanup, render } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { useFocusKept } from './useFocusKept';

afterEach(cleanup);

function List({ names }: { names: string[] }) {
  useFocusKept(names.length, () => document.querySelector('h1'));
  return (
    <>
      <h1 tabIndex={-1}>Names</h1>
      {names.map((n) => (
        <button key={n}>{n}</button>
      ))}
    </>
  );
}

describe('the keyboard in a list', () => {
  it('goes to what stays when its place is gone', () => {
    const { rerender, getByText } = render(<List names={['Wim', 'Nela']} />);
    getByText('Nela').focus();
    rerender(<List names={['Wim']} />);
    expect(document.activeElement?.textContent).toBe('Names');
  });

  it('stays where it is when another one goes', () => {
    const { rerender, getByText } = render(<List names={['Wim', 'Nela']} />);
    getByText('Wim').focus();
    rerender(<List names={['Wim']} />);
    expect(document.activeElement?.textContent).toBe('Wim');
  });

  it('is not moved when the list grows', () => {
    const { rerender } = render(<List names={['Wim']} />);
    rerender(<List names={['Wim', 'Nela']} />);
    expect(document.activeElement).toBe(document.body);
  });
});
