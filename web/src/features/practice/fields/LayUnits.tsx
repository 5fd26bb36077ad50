import { boxOf } from '../../../figures/geometry';
import { type Scene, SceneView } from '../../../figures/SceneView';
import { announce } from '../../../ui/announce';
import { Button } from '../../../ui/Button';
import type { FieldProps } from './types';

/** Units laid end to end along an object; sends how many lie there. */
export function LayUnits({
  field,
  value,
  onChange,
  disabled,
  scene,
  unit,
}: FieldProps & { scene: Scene; unit: string }) {
  const laid = Number.parseInt(value, 10) || 0;
  const most = scene.spots.length;
  /** Each is named by itself, so that whoever hears it counts as whoever sees it. */
  const alt =
    laid === 0 ? scene.alt : `${scene.alt} Along it lie: ${Array.from({ length: laid }, () => unit).join(', ')}.`;
  return (
    <div className="grid gap-2">
      <p className="text-sm text-soft">{field.label}</p>
      <SceneView scene={{ ...scene, alt }}>
        {scene.spots.slice(0, laid).map((spot) => (
          <rect
            key={spot.id}
            data-laid=""
            {...boxOf(spot)}
            fill="var(--color-spruce-wash)"
            stroke="var(--color-spruce)"
            strokeWidth="2"
          />
        ))}
      </SceneView>
      <div className={`items-center gap-3 ${disabled ? 'hidden' : 'flex'}`}>
        <Button
          data-answer={disabled ? undefined : ''}
          onClick={() => {
            onChange(String(Math.min(most, laid + 1)));
            announce(`One more ${unit} lies there.`);
          }}
          disabled={laid >= most}
        >
          Lay one more {unit}
        </Button>
        <Button
          onClick={() => {
            onChange(laid <= 1 ? '' : String(laid - 1));
            announce('One was taken away.');
          }}
          disabled={laid === 0}
        >
          Take one away
        </Button>
        <span aria-live="polite">
          {laid === 0 ? `No ${unit} lies there yet.` : laid >= most ? 'There is no room for more.' : ''}
        </span>
      </div>
    </div>
  );
}
