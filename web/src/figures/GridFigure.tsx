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

/** A coordinate grid with what is drawn on it; `onPlace` is told where the pointer came down, in grid units. */
export function GridFigure({ figure, children, onPlace}: { figure: Grid; children?: ReactNode; onPlace?: (x: number, y: number) => void }) {
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
      className={`w-full border border-rule bg-leaf max-w-sm ${onPlace === undefined ? '' : 'cursor-crosshair touch-none'}`}
      role="img"
      aria-label={figure.alt}
      onPointerDown={place}
    >
      <clipPath id={id}>
        <rect width={SIZE} height={SIZE} />
      </clipPath>
      {lines(figure.xMin, figure.xMax).map((v) => (
        <line key={`x${v}`} x1={x(v)} x2={x(v)} y1="0" y2={SIZE} stroke="var(--color-grid)" />
      ))}
      {lines(figure.yMin, figure.yMax).map((v) => (
        <line key={`y${v}`} y1={y(v)} y2={y(v)} x1="0" x2={SIZE} stroke="var(--color-grid)" />
      ))}
      <path d={`M0 ${y(0)}H${SIZE}M${x(0)} 0V${SIZE}`} stroke="var(--color-ink)" strokeWidth="1.6" />
      {[-5, 5, -10, 10].filter((v) => v > figure.xMin && v < figure.xMax).map((v) => (
        <g key={`l${v}`} className="fill-soft text-[17px]">
          <text x={x(v)} y={y(0) + 19} textAnchor="middle">{v}</text>
          <text x={x(0) - 6} y={y(v) + 4} textAnchor="end">{v}</text>
        </g>
      ))}
      <g clipPath={`url(#${id})`}>
        {figure.drawn.map((drawn) => (
          <DrawnView key={JSON.stringify(drawn).slice(0, 80)} drawn={drawn} figure={figure} />
        ))}
      </g>
      {children}
    </svg>
  );
}

function DrawnView({ drawn, figure }: { drawn: Schemas['FigureDrawn']; figure: Grid }) {
  const { x, y } = scales(figure);
  switch (drawn.kind) {
    case 'Point':
      return <circle cx={x(drawn.x)} cy={y(drawn.y)} r="5" fill="var(--color-spruce)" />;
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
