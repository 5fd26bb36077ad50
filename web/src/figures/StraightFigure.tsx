import type { Schemas } from '../api/client';

type Straight = Schemas['FigureStraight'];

const ABOVE = 30;
const BELOW = 18;

/** The view that holds every point with its letter above it. */
export function room(items: Straight[]): string {
  const heights = items.flatMap((item) => item.points.map((p) => p.y));
  const top = Math.min(...heights) - ABOVE;
  return `0 ${top} 300 ${Math.max(60, Math.max(...heights) + BELOW - top)}`;
}

/** A segment, ray or line with named points. */
export function StraightFigure({ figure }: { figure: Straight }) {
  return (
    <svg viewBox={room([figure])} className="w-full max-w-md" role="img" aria-label={figure.alt}>
      <Stroke figure={figure} />
    </svg>
  );
}

/** Several of them below one another. */
export function StraightsFigure({ figure }: { figure: Schemas['FigureStraights'] }) {
  return (
    <div role="img" aria-label={figure.alt} className="grid max-w-md gap-1">
      {figure.items.map((item) => (
        <svg key={item.alt} viewBox={room([item])} className="w-full" aria-hidden="true">
          <Stroke figure={item} />
        </svg>
      ))}
    </div>
  );
}

const BEYOND = 14;

function Stroke({ figure }: { figure: Straight }) {
  const first = figure.points[0];
  const last = figure.points.at(-1);
  if (first === undefined || last === undefined) {
    return null;
  }
  const [x1, y1, x2, y2] = [first.x * 3, first.y, last.x * 3, last.y];
  const length = Math.hypot(x2 - x1, y2 - y1);
  const [ux, uy] = [(x2 - x1) / length, (y2 - y1) / length];
  const tail = figure.arrowAtStart ? BEYOND * 2 : 0;
  const head = figure.arrowAtEnd ? BEYOND * 2 : 0;
  const [sx, sy, ex, ey] = [x1 - ux * tail, y1 - uy * tail, x2 + ux * head, y2 + uy * head];
  return (
    <g stroke="var(--color-ink)" strokeWidth="2" fill="none" strokeLinecap="round">
      <line x1={sx} y1={sy} x2={ex} y2={ey} />
      {figure.arrowAtStart && <Arrow x={sx} y={sy} ux={-ux} uy={-uy} />}
      {figure.arrowAtEnd && <Arrow x={ex} y={ey} ux={ux} uy={uy} />}
      {figure.points.map((p) => (
        <g key={p.name} stroke="none">
          <circle cx={p.x * 3} cy={p.y} r="4" fill="var(--color-ink)" />
          <text x={p.x * 3} y={p.y - 11} textAnchor="middle" className="fill-ink text-[16px] font-semibold">
            {p.name}
          </text>
        </g>
      ))}
      {Array.from({ length: figure.ticks }, (_, i) => {
        const shift = (i - (figure.ticks - 1) / 2) * 7;
        const [mx, my] = [(x1 + x2) / 2 + ux * shift, (y1 + y2) / 2 + uy * shift];
        return <line key={shift} x1={mx - uy * 8} y1={my + ux * 8} x2={mx + uy * 8} y2={my - ux * 8} />;
      })}
    </g>
  );
}

function Arrow({ x, y, ux, uy }: { x: number; y: number; ux: number; uy: number }) {
  const back = 10;
  const side = 5;
  return <path d={`M${x - ux * back - uy * side} ${y - uy * back + ux * side}L${x} ${y}L${x - ux * back + uy * side} ${y - uy * back - ux * side}`} />;
}
