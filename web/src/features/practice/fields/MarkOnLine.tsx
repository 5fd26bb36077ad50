import { useId } from 'react';
import { type Scene, SceneView, type Spot } from '../../../figures/SceneView';
import { TickLine } from './TickLine';
import { heightOf, middleOf } from './ticks';
import type { FieldProps } from './types';

/** A mark on a number line; sends at which tick it is, counted from the left end. */
export function MarkOnLine({ field, value, onChange, onEnter, disabled, right, scene }: FieldProps & { scene: Scene }) {
  const how = useId();
  const spot = scene.spots.find((s) => s.id === value);
  const said = spot === undefined ? 'Nothing is marked yet.' : `The mark is ${spot.label}.`;
  const mark = spot !== undefined && (
    <circle
      data-marked={spot.id}
      cx={middleOf(spot)}
      cy={heightOf(scene)}
      r="7"
      fill="var(--color-spruce)"
      stroke="var(--color-leaf)"
      strokeWidth="2"
    />
  );
  if (disabled) {
    const ring = scene.spots.find((s) => right?.includes(s.id) === true);
    return (
      <div className="grid gap-1">
        <SceneView scene={scene}>
          {mark}
          {ring !== undefined && <Ring scene={scene} spot={ring} />}
        </SceneView>
        <p className="text-sm text-soft">
          {said}
          {ring !== undefined && ring !== spot && ` The ring is right: it is ${ring.label}.`}
        </p>
      </div>
    );
  }
  return (
    <div className="grid gap-2">
      <p className="text-sm text-soft" id={how}>
        {field.label}: click the line, or move the mark with the arrow keys.
      </p>
      <TickLine
        scene={scene}
        name={`${field.label}. ${scene.alt} ${said}`}
        describedBy={how}
        tick={value}
        onTick={onChange}
        onEnter={onEnter}
      >
        {mark}
      </TickLine>
      <p aria-live="polite">{said}</p>
    </div>
  );
}

/** A ring around the right tick, once that may be said. */
function Ring({ scene, spot }: { scene: Scene; spot: Spot }) {
  return (
    <circle
      data-right-answer={spot.id}
      cx={middleOf(spot)}
      cy={heightOf(scene)}
      r="11"
      fill="none"
      stroke="var(--color-spruce)"
      strokeWidth="2.5"
    />
  );
}
