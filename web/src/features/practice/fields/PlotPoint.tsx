import type { KeyboardEvent } from 'react';
import type { Schemas } from '../../../api/client';
import { scales } from '../../../figures/geometry';
import { type Scene, SceneView } from '../../../figures/SceneView';
import { Nudges } from './Nudges';
import { MOVES, moved, type Point, pointsOf, snapped, textOf } from './plotting';
import type { FieldProps } from './types';

/** A point on a grid, by pointer, by arrow keys or by buttons; sends a pair. */
export function PlotPoint(props: FieldProps & { scene: Scene }) {
  return props.scene.plot === undefined ? null : <Plotting {...props} plot={props.scene.plot} />;
}

function Plotting({
  field,
  value,
  onChange,
  onEnter,
  disabled,
  scene,
  plot,
}: FieldProps & { scene: Scene; plot: Schemas['ShownPlot'] }) {
  const [point] = pointsOf(value);
  const { x, y } = scales(plot);
  const put = (to: Point) => onChange(textOf([to]));
  /** The first move places it in the middle. */
  const move = (by: [number, number]) =>
    put(point === undefined ? snapped(plot, { x: 0, y: 0 }) : moved(plot, point, by));
  const onKey = (event: KeyboardEvent) => {
    const by = MOVES[event.key];
    if (by !== undefined) {
      event.preventDefault();
      move(by);
    } else if (event.key === 'Enter') {
      event.preventDefault();
      onEnter();
    }
  };
  const mark = point !== undefined && (
    <circle
      cx={x(point.x)}
      cy={y(point.y)}
      r="7"
      fill="var(--color-spruce)"
      stroke="var(--color-leaf)"
      strokeWidth="2"
    />
  );
  if (disabled) {
    return <SceneView scene={scene}>{mark}</SceneView>;
  }
  return (
    <div className="grid gap-2">
      <p className="text-sm text-soft" id={`${field.id}-how`}>
        {field.label}: click the grid, or move the point with the arrow keys.
      </p>
      {/* oxlint-disable-next-line jsx-a11y/no-noninteractive-element-interactions -- arrow keys move the point */}
      <div
        role="application"
        // oxlint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- an application takes keys
        tabIndex={0}
        data-answer
        aria-label={`${field.label}, ${value === '' ? 'no point yet' : value}`}
        aria-describedby={`${field.id}-how`}
        onKeyDown={onKey}
        className="w-full max-w-[26rem]"
      >
        <SceneView scene={scene} onPlace={(px, py) => put(snapped(plot, { x: px, y: py }))}>
          {mark}
        </SceneView>
      </div>
      <Nudges onMove={move} />
      <p aria-live="polite">{value === '' ? 'No point is placed yet.' : `The point is at ${value}.`}</p>
    </div>
  );
}
