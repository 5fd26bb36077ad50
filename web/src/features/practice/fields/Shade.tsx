import { useId, useState } from 'react';
import { linePath } from '../../../figures/geometry';
import { Hatching } from '../../../figures/paint';
import { type Scene, SceneView, type Spot } from '../../../figures/SceneView';
import type { FieldProps } from './types';

/** How many parts an earlier entry had shaded: its numerator. */
function countOf(value: string): number {
  const count = Number.parseInt(value, 10);
  return Number.isNaN(count) ? 0 : count;
}

/** Parts of a whole to shade; sends shaded parts over the parts of one whole. */
export function Shade({
  field,
  value,
  onChange,
  disabled,
  scene,
  partsOfOne,
}: FieldProps & { scene: Scene; partsOfOne: number }) {
  const [chosen, setChosen] = useState(() => new Set(scene.spots.slice(0, countOf(value)).map((spot) => spot.id)));
  const hatch = useId();
  const toggle = (id: string) => {
    const next = new Set(chosen);
    if (!next.delete(id)) {
      next.add(id);
    }
    setChosen(next);
    onChange(next.size === 0 ? '' : `${next.size}/${partsOfOne}`);
  };
  return (
    <div className="grid gap-2">
      <p className="text-sm text-soft">{field.label}</p>
      <SceneView scene={scene} interactive>
        <Hatching id={hatch} />
        {scene.spots.map((spot) => (
          <Part
            key={spot.id}
            spot={spot}
            hatch={hatch}
            shaded={chosen.has(spot.id)}
            onToggle={disabled ? undefined : () => toggle(spot.id)}
          />
        ))}
      </SceneView>
      <p aria-live="polite">{chosen.size === 1 ? '1 part is shaded.' : `${chosen.size} parts are shaded.`}</p>
    </div>
  );
}

function Part({
  spot,
  hatch,
  shaded,
  onToggle,
}: {
  spot: Spot;
  hatch: string;
  shaded: boolean;
  onToggle: (() => void) | undefined;
}) {
  return (
    <path
      d={linePath(spot.outline, true)}
      fill={shaded ? `url(#${hatch})` : 'var(--color-leaf)'}
      stroke="var(--color-ink)"
      strokeWidth="1.6"
      {...(onToggle !== undefined && {
        role: 'checkbox',
        tabIndex: 0,
        'data-answer': '',
        'aria-label': spot.label,
        'aria-checked': shaded,
        className:
          'cursor-pointer outline-none focus-visible:[stroke-width:4] focus-visible:[stroke:var(--color-glacier)]',
        onClick: onToggle,
        onKeyDown: (e) => {
          if (e.key === ' ') {
            e.preventDefault();
            onToggle();
          }
        },
      })}
    />
  );
}
