// @vitest-environment jsdom
import { cleanup, fireEvent, screen } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { PLOT, sceneOf, square } from '../../../testing/scenes';
import { type Response, shown } from '../../../testing/field';

afterEach(cleanup);

const press = (name: string) => fireEvent.click(screen.getByRole('button', { name }));
const key = (name: string) => fireEvent.keyDown(screen.getByRole('application'), { key: name });

describe('a point to plot', () => {
  const point: Response = { kind: 'PlotPoint', scene: sceneOf({ plot: PLOT }) };

  it('comes with the first arrow key and goes with the next', () => {
    const told = shown(point);
    key('ArrowRight');
    key('ArrowRight');
    key('ArrowUp');
    expect(told.mock.calls.flat()).toEqual(['(0, 0)', '(1, 0)', '(1, 1)']);
    expect(screen.getByText('The point is at (1, 1).')).toBeDefined();
  });

  it('moves by buttons too, for fingers', () => {
    const told = shown(point, '(2, 2)');
    press('left');
    press('down');
    expect(told.mock.calls.flat()).toEqual(['(1, 2)', '(1, 1)']);
  });

  it('is checked with Enter', () => {
    const told = shown(point, '(2, 2)');
    key('Enter');
    expect(told).toHaveBeenLastCalledWith('enter');
  });

  it('lies where it says', () => {
    shown(point, '(1, 2)', true);
    const dot = document.querySelector('circle');
    expect([dot?.getAttribute('cx'), dot?.getAttribute('cy')]).toEqual(['244', '124']);
    expect(screen.queryByRole('application')).toBeNull();
  });
});

describe('a line to plot', () => {
  const line: Response = { kind: 'PlotLine', scene: sceneOf({ plot: PLOT }) };

  it('goes through two points; space takes the other one', () => {
    const told = shown(line, '(0, 0), (1, 1)');
    key('ArrowLeft');
    key(' ');
    key('ArrowUp');
    expect(told.mock.calls.flat()).toEqual(['(-1, 0), (1, 1)', '(-1, 0), (1, 2)']);
  });

  it('is drawn from edge to edge', () => {
    shown(line, '(0, 0), (1, 1)', true);
    const drawn = document.querySelector('line[stroke="var(--color-spruce)"][stroke-width="2.4"]');
    expect([
      drawn?.getAttribute('x1'),
      drawn?.getAttribute('y1'),
      drawn?.getAttribute('x2'),
      drawn?.getAttribute('y2'),
    ]).toEqual(['4', '404', '404', '4']);
  });

  it('says what is missing', () => {
    shown(line, '(0, 0)');
    expect(screen.getByText('One point at (0, 0); one more makes the line.')).toBeDefined();
  });
});

describe('parts to shade', () => {
  const shade: Response = {
    kind: 'Shade',
    scene: sceneOf({ spots: ['0', '1', '2', '3'].map((id, i) => square(id, 10 * i)) }),
    partsOfOne: 4,
  };

  it('are boxes to check, by click and by space', () => {
    const told = shown(shade);
    fireEvent.click(screen.getByRole('checkbox', { name: 'part 1' }));
    fireEvent.keyDown(screen.getByRole('checkbox', { name: 'part 3' }), { key: ' ' });
    fireEvent.click(screen.getByRole('checkbox', { name: 'part 1' }));
    expect(told.mock.calls.flat()).toEqual(['1/4', '2/4', '1/4']);
    expect(screen.getByRole('checkbox', { name: 'part 3' }).getAttribute('aria-checked')).toBe('true');
    expect(screen.getByText('1 part is shaded.')).toBeDefined();
  });

  it('come back as many as were shaded', () => {
    shown(shade, '3/4');
    expect(screen.getAllByRole('checkbox', { checked: true })).toHaveLength(3);
  });

  it('are a picture once it is closed', () => {
    shown(shade, '3/4', true);
    expect(screen.queryByRole('checkbox')).toBeNull();
  });
});

describe('units to lay', () => {
  const lay: Response = {
    kind: 'LayUnits',
    scene: sceneOf({ spots: ['0', '1', '2'].map((id, i) => ({ ...square(id, 10 * i), kind: 'UNIT' })) }),
    unit: 'tile',
  };

  it('lie one after the other, no more than there is room for', () => {
    const told = shown(lay, '2');
    press('Lay one more tile');
    expect(document.querySelectorAll('[data-laid]')).toHaveLength(3);
    press('Lay one more tile');
    expect(told.mock.calls.flat()).toEqual(['3']);
  });

  it('are taken away down to none', () => {
    const told = shown(lay, '1');
    press('Take one away');
    expect(told).toHaveBeenLastCalledWith('');
    expect(document.querySelectorAll('[data-laid]')).toHaveLength(0);
  });
});

describe('shapes to select', () => {
  const select: Response = {
    kind: 'SelectShapes',
    scene: sceneOf({ alt: 'Two shapes.' }),
    shapes: ['a', 'b'].map((id) => ({ id, scene: sceneOf({ alt: `triangle ${id}` }) })),
  };

  it('are entered in the order of their letters', () => {
    const told = shown(select);
    fireEvent.click(screen.getByRole('checkbox', { name: 'shape b: triangle b' }));
    fireEvent.click(screen.getByRole('checkbox', { name: 'shape a: triangle a' }));
    expect(told.mock.calls.flat()).toEqual(['b', 'a,b']);
  });
});
