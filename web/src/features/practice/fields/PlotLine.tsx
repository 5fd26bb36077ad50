import { type KeyboardEvent, useState } from 'react';
import type { Schemas } from '../../../api/client';
import { across, scales } from '../../../figures/geometry';
import { type Scene, SceneView } from '../../../figures/SceneView';
import { Nudges } from './Nudges';
import { indexAt, MOVES, moved, type Point, pointsOf, snapped, textOf } from './plotting';
import type { FieldProps } from './types';

type Plot = Schemas['ShownPlot'];

/** A line by two of its points, by pointer, by keys or by buttons; sends the two pairs. */
export function PlotLine(props: FieldProps & { scene: Scene }) {
  return props.scene.plot === undefined ? null : <Plotting {...props} plot={props.scene.plot} />;
}

function said(points: Point[]): string {
  if (points.length === 0) {
    return 'No point is placed yet.';
  }
  return points.length === 1
    ? `One point at ${textOf(points)}; one more makes the line.`
    : `The line goes through ${textOf(points)}.`;
}

function Plotting({
  field,
  value,
  onChange,
  onEnter,
  disabled,
  scene,
  plot,
}: FieldProps & { scene: Scene; plot: Plot }) {
  const points = pointsOf(value);
  const [active, setActive] = useState(0);
  const put = (index: number, point: Point) =>
    onChange(textOf(index < points.length ? points.with(index, point) : [...points, point]));
  const place = (x: number, y: number) => {
    const index = indexAt(points, { x, y });
    setActive(index);
    put(index, snapped(plot, { x, y }));
  };
  /** The first move of a point places it. */
  const move = (by: [number, number]) => {
    const point = points[active];
    put(active, point === undefined ? snapped(plot, { x: active * plot.step, y: 0 }) : moved(plot, point, by));
  };
  const onKey = (event: KeyboardEvent) => {
    const by = MOVES[event.key];
    if (by !== undefined) {
      event.preventDefault();
      move(by);
    } else if (event.key === ' ') {
      event.preventDefault();
      setActive(points.length === 0 ? 0 : 1 - active);
    } else if (event.key === 'Enter') {
      event.preventDefault();
      onEnter();
    }
  };
  if (disabled) {
    return (
      <SceneView scene={scene}>
        <Through plot={plot} points={points} active={-1} />
      </SceneView>
    );
  }
  return (
    <div className="grid gap-2">
      <p className="text-sm text-soft" id={`${field.id}-how`}>
        {field.label}: click two points, or move one with the arrow keys; space takes the other.
      </p>
      {/* oxlint-disable-next-line jsx-a11y/no-noninteractive-element-interactions -- keys move the points */}
      <div
        role="application"
        // oxlint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- an application takes keys
        tabIndex={0}
        data-answer
        aria-label={`${field.label}. ${said(points)}`}
        aria-describedby={`${field.id}-how`}
        onKeyDown={onKey}
        className="w-full max-w-[26rem]"
      >
        <SceneView scene={scene} onPlace={place}>
          <Through plot={plot} points={points} active={active} />
        </SceneView>
      </div>
      <Nudges onMove={move} />
      <p aria-live="polite">{said(points)}</p>
    </div>
  );
}

/** @param active the point that moves, larger than the other; −1 for none */
function Through({ plot, points, active }: { plot: Plot; points: Point[]; active: number }) {
  const { x, y } = scales(plot);
  const [a, b] = points;
  const line = a === undefined || b === undefined ? null : across(plot, a, b);
  return (
    <>
      {line !== null && (
        <line x1={line[0]} y1={line[1]} x2={line[2]} y2={line[3]} stroke="var(--color-spruce)" strokeWidth="2.4" />
      )}
      {points.map((p, i) => (
        <circle
          key={i === 0 ? 'first' : 'second'}
          cx={x(p.x)}
          cy={y(p.y)}
          r={i === active ? 8 : 6}
          fill="var(--color-spruce)"
          stroke="var(--color-leaf)"
          strokeWidth="2"
        />
      ))}
    </>
  );
}
