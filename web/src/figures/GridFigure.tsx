import { type PointerEvent, type ReactNode, useId } from 'react';
import type { Schemas } from '../api/client';

type Grid = Schemas['FigureGrid'];
const SIZE = 400;

export function scales(grid: Grid) {
  return {
    x: (value: number) => ((value - grid.xMin) / (grid.xMax - grid.xMin)) * SIZE,
    y: (value: number) => SIZE - ((value - grid.yMin) / (grid.yMax - grid.yMin)) * SIZE,
  };
}

const MOST_NUMBERS = 12;

/** The lines that carry a number: each one where there is room, else each second or fifth. Zero and the edges need none. */
export function numbered(from: number, to: number, step: number): number[] {
  const every = [1, 2, 5, 10].find((n) => (to - from) / (n * step) <= MOST_NUMBERS) ?? 10;
  const distance = every * step;
  const first = Math.ceil(from / distance);
  return Array.from({ length: Math.floor(to / distance) - first + 1 }, (_, i) => (first + i) * distance).filter((v) => v !== 0 && v > from && v < to);
}

/** A printed minus is as wide as a plus. */
const minus = (value: number) => String(value).replace('-', '−');

/** Inside the picture, whatever is cut off. */
const beside = (at: number) => Math.min(at, SIZE - 4);

/** A coordinate grid with what is drawn on it; `onPlace` is told where the pointer came down, in grid units. */
export function GridFigure({ figure, children, onPlace }: { figure: Grid; children?: ReactNode; onPlace?: (x: number, y: number) => void }) {
  const id = useId();
  const { x, y } = scales(figure);
  const lines = (from: number, to: number) => Array.from({ length: Math.round((to - from) / figure.step) + 1 }, (_, i) => from + i * figure.step);
  const place = (event: PointerEvent<SVGSVGElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    onPlace?.(
      figure.xMin + ((event.clientX - box.left) / box.width) * (figure.xMax - figure.xMin),
      figure.yMax - ((event.clientY - box.top) / box.height) * (figure.yMax - figure.yMin),
    );
  };
  return (
    <svg
      viewBox={`0 0 ${SIZE} ${SIZE}`}
      className={`w-full border border-rule bg-leaf max-w-[26.5rem] ${onPlace === undefined ? '' : 'cursor-crosshair touch-none'}`}
      role="img"
      aria-label={figure.alt}
      onPointerDown={place}
    >
      <clipPath id={id}>
        <rect width={SIZE} height={SIZE} />
      </clipPath>
      {lines(figure.xMin, figure.xMax).map((v) => (
        <line key={`x${v}`} x1={x(v)} x2={x(v)} y1="0" y2={SIZE} stroke="var(--color-gridline)" />
      ))}
      {lines(figure.yMin, figure.yMax).map((v) => (
        <line key={`y${v}`} y1={y(v)} y2={y(v)} x1="0" x2={SIZE} stroke="var(--color-gridline)" />
      ))}
      <path d={`M0 ${y(0)}H${SIZE}M${x(0)} 0V${SIZE}`} stroke="var(--color-ink)" strokeWidth="1.6" />
      <g className="fill-soft text-[13px]" aria-hidden="true">
        {numbered(figure.xMin, figure.xMax, figure.step).map((v) => (
          <text key={`x${v}`} x={x(v)} y={beside(y(0) + 15)} textAnchor="middle">{minus(v)}</text>
        ))}
        {numbered(figure.yMin, figure.yMax, figure.step).map((v) => (
          <text key={`y${v}`} x={x(0) - 5} y={y(v) + 4} textAnchor="end">{minus(v)}</text>
        ))}
        <text x={SIZE - 6} y={y(0) - 7} textAnchor="end" className="fill-ink font-serif text-[16px] italic">x</text>
        <text x={x(0) + 8} y="15" className="fill-ink font-serif text-[16px] italic">y</text>
      </g>
      <g clipPath={`url(#${id})`}>
        {figure.drawn.map((drawn) => (
          <DrawnView key={JSON.stringify(drawn).slice(0, 80)} drawn={drawn} figure={figure} />
        ))}
      </g>
      {children}
    </svg>
  );
}

function DrawnView({ drawn, figure }: { drawn: Schemas['Drawn']; figure: Grid }) {
  const { x, y } = scales(figure);
  switch (drawn.kind) {
    case 'Point':
      return <circle cx={x(drawn.x)} cy={y(drawn.y)} r="5" fill="var(--color-spruce)" />;
    case 'Hole':
      return <circle cx={x(drawn.x)} cy={y(drawn.y)} r="5" fill="var(--color-leaf)" stroke="var(--color-spruce)" strokeWidth="2.4" />;
    case 'Circle':
      return <circle cx={x(drawn.x)} cy={y(drawn.y)} r={x(drawn.radius) - x(0)} fill="none" stroke="var(--color-spruce)" strokeWidth="2.6" />;
    case 'Curve':
      return (
        <>
          {drawn.branches.map((branch) => (
            <polyline key={branch.slice(0, 4).join(' ')} points={pairs(branch).map(([a, b]) => `${x(a)},${y(b)}`).join(' ')} fill="none" stroke="var(--color-spruce)" strokeWidth="2.8" />
          ))}
        </>
      );
    case 'Asymptote': {
      const [x1, y1, x2, y2] = ends(drawn, figure);
      return <line x1={x(x1)} y1={y(y1)} x2={x(x2)} y2={y(y2)} stroke="var(--color-larch-mark)" strokeWidth="2" strokeDasharray="7 5" />;
    }
    default: {
      const never: never = drawn;
      return never;
    }
  }
}

function pairs(flat: number[]): [number, number][] {
  return Array.from({ length: flat.length / 2 }, (_, i) => [flat[2 * i] ?? 0, flat[2 * i + 1] ?? 0]);
}

/** Where a·x + b·y = c leaves the grid. */
function ends({ a, b, c }: { a: number; b: number; c: number }, grid: Grid): [number, number, number, number] {
  return b === 0 ? [c / a, grid.yMin, c / a, grid.yMax] : [grid.xMin, (c - a * grid.xMin) / b, grid.xMax, (c - a * grid.xMax) / b];
}
