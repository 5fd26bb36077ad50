// @vitest-environment jsdom
import { cleanup, render } from '@testing-library/react';
import { useRef } from 'react';
import { afterEach, describe, expect, it } from 'vitest';
import { landed } from './Landing';
import { useFocusCaught } from './useFocusCaught';

afterEach(cleanup);

function Table({ page, isLoaded }: { page: string; isLoaded: boolean }) {
  const table = useRef<HTMLDivElement>(null);
  useFocusCaught(page, table);
  return (
    <>
      <button type="button">Pile</button>
      <div ref={table} data-testid="table">
        <div key={page}>
          {isLoaded ? <h2 ref={landed}>{page}</h2> : 'Opening the page.'}
          <button type="button">Send back</button>
        </div>
      </div>
    </>
  );
}

const here = () => document.activeElement?.textContent;
const isOnTable = () => document.activeElement?.hasAttribute('data-testid');

describe('the keyboard when one page gives way to another', () => {
  it('waits at the table while the next page is loaded, and goes to its heading then', () => {
    const { rerender, getByText } = render(<Table page="first" isLoaded />);
    getByText('Send back').focus();
    rerender(<Table page="second" isLoaded={false} />);
    expect(isOnTable()).toBe(true);
    rerender(<Table page="second" isLoaded />);
    expect(here()).toBe('second');
  });

  it('goes to the heading at once where nothing must be loaded', () => {
    const { rerender, getByText } = render(<Table page="first" isLoaded />);
    getByText('Send back').focus();
    rerender(<Table page="second" isLoaded />);
    expect(here()).toBe('second');
  });

  it('stays where it is outside of the table', () => {
    const { rerender, getByText } = render(<Table page="first" isLoaded={false} />);
    getByText('Pile').focus();
    rerender(<Table page="second" isLoaded={false} />);
    expect(here()).toBe('Pile');
  });

  it('is not taken when the page is opened', () => {
    render(<Table page="first" isLoaded={false} />);
    expect(document.activeElement).toBe(document.body);
  });
});
