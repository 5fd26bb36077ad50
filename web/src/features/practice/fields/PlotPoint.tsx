import type { KeyboardEvent } from 'react';
import type { Schemas } from '../../../api/client';
import { GridFigure, scales } from '../../../figures/GridFigure';
import type { FieldProps } from './types';

export type Point = { x: number; y: number };

function pointOf(value: string): Point | null {
  const found = value.match(/^\((-?[\d.]+), (-?[\d.]+)\)$/);
  return found === null ? null : { x: Number(found[1]), y: Number(found[2]) };
}

export const MOVES: Record<string, [number, number]> = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] };

/** A point on a grid, by pointer or by arrow keys; sends a pair. */
export function PlotPoint({ field, value, onChange, onEnter, disabled, grid }: FieldProps & { grid: Schemas['FigureGrid'] }) {
  const point = pointOf(value);
  const { x, y } = scales(grid);
  const snap = (n: number, low: number, high: number) => Math.min(high, Math.max(low, Math.round(n / grid.step) * grid.step));
  const put = (px: number, py: number) => onChange(`(${snap(px, grid.xMin, grid.xMax)}, ${snap(py, grid.yMin, grid.yMax)})`);
  const onKey = (event: KeyboardEvent) => {
    const move = MOVES[event.key];
    if (move !== undefined) {
      event.preventDefault();
      put((point?.x ?? 0) + move[0] * (point === null ? 0 : grid.step), (point?.y ?? 0) + move[1] * (point === null ? 0 : grid.step));
    } else if (event.key === 'Enter') {
      event.preventDefault();
      onEnter();
    }
  };
  const marks = point !== null && <circle cx={x(point.x)} cy={y(point.y)} r="7" fill="var(--color-spruce)" stroke="var(--color-leaf)" strokeWidth="2" />;
  if (disabled) {
    return <GridFigure figure={grid}>{marks}</GridFigure>;
  }
  return (
    <div className="grid gap-2">
      <p className="text-sm text-soft" id={`${field.id}-how`}>
        {field.label}: click the grid, or move the point with the arrow keys.
      </p>
      {/* oxlint-disable-next-line jsx-a11y/no-noninteractive-tabindex, jsx-a11y/no-noninteractive-element-interactions -- an application: arrow keys move the point */}
      <div role="application" tabIndex={0} data-answer aria-label={`${field.label}, ${value === '' ? 'no point yet' : value}`} aria-describedby={`${field.id}-how`} onKeyDown={onKey} className="w-fit">
        <GridFigure figure={grid} onPlace={put}>
          {marks}
        </GridFigure>
      </div>
      <p aria-live="polite">{value === '' ? 'No point is placed yet.' : `The point is at ${value}.`}</p>
    </div>
  );
}
