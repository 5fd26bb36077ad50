// @vitest-environment jsdom
import { render, screen } from '@testing-library/react';
import { expect, test } from 'vitest';
import { PenKeys } from './PenKeys';

test('a student is told that lines count as well', () => {
  render(<PenKeys id="student-keys" isReader={false} />);
  expect(screen.getByText(/lines instead/).textContent).toContain('Or write lines instead: they count just the same.');
});

test('a reader is told of the comment, and of no lines that count', () => {
  render(<PenKeys id="keys" isReader />);
  const said = screen.getByText(/as a comment/);
  expect(said.id).toBe('keys');
  expect(said.textContent).toContain('What you write as a comment reaches the student just as well.');
  expect(said.textContent).not.toContain('lines');
});
