// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Schemas } from '../api/client';
import { PLOT, sceneOf } from '../testing/scenes';
import { SceneView } from './SceneView';

afterEach(cleanup);

const STROKE = { paint: 'MAIN', width: 2.6, dashed: false } as const;
const SHAPES: Schemas['ShownShape'][] = [
  { kind: 'Path', points: [0, 0, 30, 40], closed: false, stroke: { ...STROKE, dashed: true }, fill: 'NONE' },
  { kind: 'Path', points: [0, 0, 30, 0, 30, 40], closed: true, stroke: STROKE, fill: 'HATCH' },
  { kind: 'Arc', x: 50, y: 50, radius: 40, from: 0, to: 90, stroke: STROKE },
  { kind: 'Disc', x: 12, y: 34, radius: 5, stroke: STROKE, fill: 'PAPER' },
  { kind: 'Image', x: 3, y: 4, width: 60, height: 30, data: 'data:image/png;base64,AAAA' },
  { kind: 'Text', x: 60, y: 70, text: '−4', size: 13, anchor: 'END', style: 'SOFT' },
];

function drawn(scene = sceneOf({ shapes: SHAPES })) {
  const { container } = render(<SceneView scene={scene} />);
  return (selector: string) => container.querySelector(selector);
}

describe('a scene is drawn', () => {
  it('in its own size, named by what it shows', () => {
    drawn();
    const picture = screen.getByRole('img', { name: 'A picture.' });
    expect(picture.getAttribute('viewBox')).toBe('0 0 408 408');
    expect(picture.style.maxWidth).toBe('408px');
  });

  it('with every shape at its place', () => {
    const find = drawn();
    expect(find('path[d="M0 0L30 40"]')?.getAttribute('stroke-dasharray')).toBe('7 5');
    expect(find('path[d="M0 0L30 0L30 40Z"]')?.getAttribute('fill')).toMatch(/^url\(#/);
    expect(find('path[d^="M90 50A40 40"]')).not.toBeNull();
    const disc = find('circle');
    expect([disc?.getAttribute('cx'), disc?.getAttribute('cy'), disc?.getAttribute('r')]).toEqual(['12', '34', '5']);
    const image = find('image[href="data:image/png;base64,AAAA"]');
    expect(['x', 'y', 'width', 'height'].map((name) => image?.getAttribute(name))).toEqual(['3', '4', '60', '30']);
    const text = find('text');
    expect([text?.textContent, text?.getAttribute('x'), text?.getAttribute('text-anchor')]).toEqual([
      '−4',
      '60',
      'end',
    ]);
  });

  it('in the colours of the tokens alone', () => {
    const { container } = render(<SceneView scene={sceneOf({ shapes: SHAPES })} />);
    const colors = [...container.querySelectorAll('[fill], [stroke]')]
      .flatMap((e) => [e.getAttribute('fill'), e.getAttribute('stroke')])
      .filter((c) => c !== null);
    expect(colors.length).toBeGreaterThan(5);
    expect(colors.filter((c) => !/^(none|var\(--color-[a-z-]+\)|url\(#.+\))$/.test(c))).toEqual([]);
  });

  it('with a hatching of its own for each', () => {
    const { container } = render(
      <>
        <SceneView scene={sceneOf({ shapes: SHAPES })} />
        <SceneView scene={sceneOf({ shapes: SHAPES })} />
      </>,
    );
    const ids = [...container.querySelectorAll('pattern')].map((p) => p.id);
    expect(new Set(ids).size).toBe(2);
    expect([...container.querySelectorAll('path[fill^=url]')].map((p) => p.getAttribute('fill'))).toEqual(
      ids.map((id) => `url(#${id})`),
    );
  });

  it('with a rim round the letters only where lines run behind them', () => {
    expect(drawn()('text')?.getAttribute('stroke')).toBeNull();
    expect(drawn(sceneOf({ shapes: SHAPES, plot: PLOT }))('text')?.getAttribute('stroke')).toBe('var(--color-leaf)');
  });

  it('without a word where something else names it', () => {
    render(<SceneView scene={sceneOf({})} silent />);
    expect(screen.queryByRole('img')).toBeNull();
  });
});

describe('a grid that is pressed', () => {
  const press = (clientX: number, clientY: number) => {
    const onPlace = vi.fn();
    render(<SceneView scene={sceneOf({ plot: PLOT })} onPlace={onPlace} />);
    const picture = screen.getByRole('img');
    picture.getBoundingClientRect = () => new DOMRect(10, 20, 204, 204);
    fireEvent(picture, new MouseEvent('pointerdown', { bubbles: true, clientX, clientY }));
    return onPlace;
  };

  it('says where, in its coordinates', () => {
    const [[x, y] = []] = press(10 + 122, 20 + 62).mock.calls;
    expect([x, y].map((n) => Math.round(n * 1e6) / 1e6)).toEqual([1, 2]);
  });

  it('counts its margin', () => {
    const [[x, y] = []] = press(10 + 2, 20 + 202).mock.calls;
    expect([x, y].map((n) => Math.round(n * 1e6) / 1e6)).toEqual([-5, -5]);
  });
});
