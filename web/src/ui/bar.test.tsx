// @vitest-environment jsdom
import { cleanup, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { Bar } from './Bar';

afterEach(cleanup);

const shown = () => screen.getByRole<HTMLProgressElement>('progressbar', { name: 'Sending' });

describe('a bar', () => {
  it('says how much is done of how much', () => {
    render(<Bar label="Sending" value={3} max={12} />);
    expect(shown().position).toBe(0.25);
  });

  it('is empty where there is nothing to do yet, and not full', () => {
    render(<Bar label="Sending" value={0} max={0} />);
    expect(shown().position).toBe(0);
  });

  it('has no measure where none is known', () => {
    render(<Bar label="Sending" max={5} />);
    expect(shown().position).toBe(-1);
    expect(shown().hasAttribute('value')).toBe(false);
  });
});
