import { type KeyboardEvent, useState } from 'react';
import type { Schemas } from '../../../api/client';
import { GridFigure, scales } from '../../../figures/GridFigure';
import { MOVES, type Point } from './PlotPoint';
import type { FieldProps } from './types';

function pointsOf(value: string): Point[] {
  return [...value.matchAll(/\((-?[\d.]+), (-?[\d.]+)\)/g)].map((found) => ({ x: Number(found[1]), y: Number(found[2]) }));
}

const text = (points: Point[]) => points.map((p) => `(${p.x}, ${p.y})`).join(', ');

/** A line by two of its points, by pointer or by keys; sends the two pairs. */
export function PlotLine({ field, value, onChange, onEnter, disabled, grid }: FieldProps & { grid: Schemas['FigureGrid'] }) {
  const points = pointsOf(value);
  const [active, setActive] = useState(0);
  const { x, y } = scales(grid);
  const snap = (n: number, low: number, high: number) => Math.min(high, Math.max(low, Math.round(n / grid.step) * grid.step));
  const put = (index: number, px: number, py: number) => {
    const point = { x: snap(px, grid.xMin, grid.xMax), y: snap(py, grid.yMin, grid.yMax) };
    onChange(text(index < points.length ? points.with(index, point) : [...points, point]));
  };
  /** A click sets the first point, then the second, then whichever is nearer. */
  const place = (px: number, py: number) => {
    const [a, b] = points;
    const nearer = a !== undefined && b !== undefined && Math.hypot(px - b.x, py - b.y) < Math.hypot(px - a.x, py - a.y) ? 1 : 0;
    const index = points.length < 2 ? points.length : nearer;
    setActive(index);
    put(index, px, py);
  };
  const onKey = (event: KeyboardEvent) => {
    const move = MOVES[event.key];
    const point = points[active];
    if (move !== undefined) {
      event.preventDefault();
      put(active, (point?.x ?? active) + (point === undefined ? 0 : move[0] * grid.step), (point?.y ?? 0) + (point === undefined ? 0 : move[1] * grid.step));
    } else if (event.key === ' ') {
      event.preventDefault();
      setActive(points.length === 0 ? 0 : 1 - active);
    } else if (event.key === 'Enter') {
      event.preventDefault();
      onEnter();
    }
  };
  const said = points.length === 0 ? 'No point is placed yet.' : points.length === 1 ? `One point at ${text(points)}; one more makes the line.` : `The line goes through ${text(points)}.`;
  const marks = (
    <>
      <Through points={points} x={x} y={y} />
      {points.map((p, i) => (
        <circle key={i === 0 ? 'first' : 'second'} cx={x(p.x)} cy={y(p.y)} r={i === active ? 8 : 6} fill="var(--color-spruce)" stroke="var(--color-leaf)" strokeWidth="2" />
      ))}
    </>
  );
  if (disabled) {
    return <GridFigure figure={grid}>{marks}</GridFigure>;
  }
  return (
    <div className="grid gap-2">
      <p className="text-sm text-soft" id={`${field.id}-how`}>
        {field.label}: click two points, or move one with the arrow keys; space takes the other.
      </p>
      {/* oxlint-disable-next-line jsx-a11y/no-noninteractive-tabindex, jsx-a11y/no-noninteractive-element-interactions -- an application: keys move the points */}
      <div role="application" tabIndex={0} data-answer aria-label={`${field.label}. ${said}`} aria-describedby={`${field.id}-how`} onKeyDown={onKey} className="w-fit">
        <GridFigure figure={grid} onPlace={place}>
          {marks}
        </GridFigure>
      </div>
      <p aria-live="polite">{said}</p>
    </div>
  );
}

const FAR = 100;

function Through({ points, x, y }: { points: Point[]; x: (v: number) => number; y: (v: number) => number }) {
  const [a, b] = points;
  if (a === undefined || b === undefined || (a.x === b.x && a.y === b.y)) {
    return null;
  }
  const [dx, dy] = [b.x - a.x, b.y - a.y];
  return <line x1={x(a.x - FAR * dx)} y1={y(a.y - FAR * dy)} x2={x(a.x + FAR * dx)} y2={y(a.y + FAR * dy)} stroke="var(--color-spruce)" strokeWidth="2.4" />;
}
