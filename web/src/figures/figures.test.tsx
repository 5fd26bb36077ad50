import { renderToStaticMarkup } from 'react-dom/server';
import { describe, expect, it } from 'vitest';
import type { Schemas } from '../api/client';
import { extent } from './AnglesFigure';
import { FigureView } from './FigureView';
import { numbered } from './GridFigure';
import { room } from './StraightFigure';

type Figure = Schemas['Figure'];

const straight = (alt: string, ticks: number) => ({
  kind: 'Straight' as const,
  alt,
  points: [
    { name: 'A', x: 0, y: 0 },
    { name: 'B', x: 4, y: 1 },
  ],
  arrowAtStart: false,
  arrowAtEnd: true,
  ticks,
});

const FIGURES: Figure[] = [
  { kind: 'Bar', alt: 'A bar of 100%.', total: '100%', pieces: [{ size: 70, label: 'left', shaded: true, slot: '' }, { size: 30, label: 'gone', shaded: false, slot: '' }] },
  { kind: 'FractionPicture', alt: 'A bar cut into 4, 3 shaded.', shape: 'BAR', wholes: 1, cuts: [1, 1, 1, 1], shaded: 3 },
  { kind: 'FractionPicture', alt: 'Two circles cut into 3, 5 shaded.', shape: 'CIRCLE', wholes: 2, cuts: [1, 1, 1], shaded: 5 },
  { kind: 'FractionPicture', alt: 'A circle of one part.', shape: 'CIRCLE', wholes: 1, cuts: [1], shaded: 1 },
  { kind: 'NumberLine', alt: 'A number line from -3 to 3.', from: -3, to: 3, step: 1, marks: [{ at: -2, label: 'A', open: false }, { at: 1.5, label: 'B', open: true }] },
  { kind: 'Angles', alt: 'Two lines cross.', rays: [{ degrees: 0, label: 'p', bothWays: true }, { degrees: 61, label: '', bothWays: true }], arcs: [{ from: 0, to: 61, label: '61°', square: false }, { from: 0, to: 90, label: '', square: true }] },
  straight('A ray from A through B.', 0),
  { kind: 'Straights', alt: 'Two segments.', items: [straight('AB', 1), straight('CD', 2)] },
  { kind: 'Shapes', alt: 'One triangle.', items: [{ id: 'a', alt: 'a triangle', corners: [0, 0, 4, 0, 0, 3], ticks: [0, 1, 1], right: [0] }] },
  { kind: 'Grid', alt: 'A grid with all that can be drawn.', xMin: -5, xMax: 5, yMin: -5, yMax: 5, step: 1, drawn: [
    { kind: 'Point', x: 1, y: 2, label: 'P' },
    { kind: 'Circle', x: 0, y: 0, radius: 3 },
    { kind: 'Hole', x: 2, y: -1 },
    { kind: 'Curve', branches: [[-5, -1, 0, 0, 5, 1], [1, 1]] },
    { kind: 'Asymptote', a: 1, b: 0, c: 2, label: 'x = 2' },
    { kind: 'Asymptote', a: 0, b: 1, c: -1, label: 'y = -1' },
  ] },
  { kind: 'Balance', alt: 'A balance, level.', left: ['8x'], right: ['128 kg'], level: true },
  { kind: 'Scale', alt: 'A dial at 350 g.', max: 1000, step: 100, reading: 350, unit: 'g' },
  { kind: 'Measured', alt: 'A sledge from 2 to 9.', object: 'sledge', unit: 'tile', length: 7, start: 2 },
];

describe('every figure', () => {
  it.each(FIGURES.map((figure) => [`${figure.kind}: ${figure.alt}`, figure] as const))('%s', (_, figure) => {
    const html = renderToStaticMarkup(<FigureView figure={figure} />);

    expect(html).toContain(figure.alt);
    expect(html).not.toMatch(/NaN|undefined|Infinity/);
    expect(html).toContain('<svg');
  });

  it('uses no colour but those of the tokens', () => {
    for (const figure of FIGURES) {
      const html = renderToStaticMarkup(<FigureView figure={figure} />);
      expect(html).not.toMatch(/(fill|stroke)="(#|rgb|black|red|green)/);
    }
  });
});

describe('a grid is numbered', () => {
  it('at every line where there is room', () => expect(numbered(-5, 5, 1)).toEqual([-4, -3, -2, -1, 1, 2, 3, 4]));
  it('at every second line where there is less', () => expect(numbered(-10, 10, 1)).toEqual([-8, -6, -4, -2, 2, 4, 6, 8]));
  it('in the steps of its lines', () => expect(numbered(0, 40, 10)).toEqual([10, 20, 30]));
  it('with the letters of both axes', () => {
    const html = renderToStaticMarkup(<FigureView figure={{ kind: 'Grid', alt: 'A grid.', xMin: -5, xMax: 5, yMin: -5, yMax: 5, step: 1, drawn: [] }} />);
    expect(html).toMatch(/>x<\/text>.*>y<\/text>/);
    expect(html).toContain('−4');
  });
});

it.each([30, 50, 62])('the letter above a point at height %i is inside the picture', (at) => {
  const [, top = 0, , height = 0] = room([{ ...straight('CD', 1), points: [{ name: 'C', x: 14, y: at }, { name: 'D', x: 60, y: 62 }] }]).split(' ').map(Number);
  expect(at - 11 - 16).toBeGreaterThanOrEqual(top);
  expect(top + height).toBeGreaterThan(62 + 4);
});

describe('the picture of angles', () => {
  const crossing = (degrees: number) => ({
    kind: 'Angles' as const,
    alt: 'Two lines cross.',
    rays: [{ degrees: 0, label: '', bothWays: true }, { degrees, label: '', bothWays: true }],
    arcs: [{ from: 0, to: degrees, label: '1', square: false }],
  });
  it.each([20, 60, 90, 150])('is as high as two lines at %i degrees are', (degrees) => {
    const { top, height } = extent(crossing(degrees));
    const reach = 118 * Math.sin((degrees * Math.PI) / 180);
    expect(top).toBeLessThan(130 - reach);
    expect(top + height).toBeGreaterThan(130 + reach);
    expect(height).toBeLessThan(2 * reach + 60);
  });
});
