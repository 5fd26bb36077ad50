import type { Schemas } from '../../../api/client';
import { type Scene, SceneView } from '../../../figures/SceneView';
import { type FieldProps, idsOf, toggled } from './types';

/** Many shapes, lettered, each a checkbox; a chosen one gets a thick edge and a check mark. */
export function SelectShapes({
  value,
  onChange,
  disabled,
  right,
  scene: all,
  shapes,
}: FieldProps & { scene: Scene; shapes: Schemas['ShownResponseShapeChoice'][] }) {
  const chosen = idsOf(value);
  return (
    <div role="group" aria-label={all.alt} className="grid max-w-2xl grid-cols-3 gap-2 sm:grid-cols-4">
      {shapes.map(({ id, scene }) => {
        const on = chosen.has(id);
        const fits = right?.includes(id) === true;
        return (
          <button
            key={id}
            type="button"
            role="checkbox"
            data-answer={disabled ? undefined : ''}
            aria-checked={on}
            aria-label={`shape ${id}: ${scene.alt}${fits ? ', fits' : ''}`}
            disabled={disabled}
            onClick={() => onChange(toggled(value, id))}
            className={`relative cursor-pointer rounded-slip border bg-leaf p-1 ${on ? 'border-4 border-spruce' : 'border-rule hover:border-edge'}`}
          >
            <span className="absolute top-1 left-2 text-sm text-soft">{id}</span>
            {fits && <span className="absolute right-2 bottom-0.5 text-sm font-semibold text-spruce">fits</span>}
            {on && (
              <span className="absolute top-0.5 right-2 font-bold text-spruce" aria-hidden="true">
                ✓
              </span>
            )}
            <SceneView scene={scene} silent />
          </button>
        );
      })}
    </div>
  );
}
