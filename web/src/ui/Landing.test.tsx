// @vitest-environment jsdom
import { act, cleanup, render, screen } from '@testing-library/react';
import { afterEach, beforeAll, describe, expect, it } from 'vitest';
import { land, Landing, SkipLink } from './Landing';

afterEach(cleanup);

describe('coming to a page', () => {
  /** The first page of a window is announced by the browser. */
  beforeAll(() => {
    render(<Landing title="Due">first</Landing>);
    expect(document.activeElement).toBe(document.body);
    cleanup();
  });

  const page = (content: React.ReactNode) => (
    <Landing title="Map">
      <main>{content}</main>
    </Landing>
  );

  it('the focus is on its heading, which is no stop of the Tab key', () => {
    render(page(<h1>Map of skills</h1>));
    expect(document.activeElement).toBe(screen.getByRole('heading'));
    expect(screen.getByRole('heading').tabIndex).toBe(-1);
    expect(document.title).toBe('Map · Little Summit');
  });
  it('the focus waits for a heading that comes later', async () => {
    const { rerender } = render(page(<p>Loading</p>));
    expect(document.activeElement).toBe(document.body);
    rerender(page(<h1>Map of skills</h1>));
    await act(async () => {});
    expect(document.activeElement).toBe(screen.getByRole('heading'));
  });
  it('a field that took the focus keeps it', async () => {
    const { rerender } = render(page(<input aria-label="Answer" />));
    screen.getByLabelText('Answer').focus();
    rerender(
      page(
        <>
          <input aria-label="Answer" />
          <h1>Practice</h1>
        </>,
      ),
    );
    await act(async () => {});
    expect(document.activeElement).toBe(screen.getByLabelText('Answer'));
  });
  it('a button that is landed on stays a stop of the Tab key', () => {
    render(<button type="button">Set a new one</button>);
    land(screen.getByRole('button'));
    expect(document.activeElement).toBe(screen.getByRole('button'));
    expect(screen.getByRole('button').tabIndex).toBe(0);
  });
  it('the first stop leads past the navigation', () => {
    render(
      <>
        <SkipLink />
        <main>content</main>
      </>,
    );
    screen.getByRole('link').click();
    expect(document.activeElement).toBe(screen.getByRole('main'));
  });
});
