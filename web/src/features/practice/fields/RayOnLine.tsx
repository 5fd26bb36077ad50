import { ToggleGroup } from 'radix-ui';
import { useId } from 'react';
import { type Scene, SceneView } from '../../../figures/SceneView';
import { type Ray, rayOf, saidOf, sentOf } from './ray';
import { TickLine } from './TickLine';
import { heightOf, middleOf } from './ticks';
import type { FieldProps } from './types';

/** A ray on a number line, by its end and the way it runs; sends both, and whether the end belongs to it. */
export function RayOnLine({ field, value, onChange, onEnter, disabled, right, scene }: FieldProps & { scene: Scene }) {
  const ray = rayOf(value);
  const how = useId();
  const spot = scene.spots.find((s) => s.id === ray.tick);
  const said = saidOf(ray, spot?.label ?? '');
  const set = (some: Partial<Ray>) => onChange(sentOf({ ...ray, ...some }));
  const drawn = spot !== undefined && <Drawn scene={scene} ray={ray} x={middleOf(spot)} />;
  if (disabled) {
    return (
      <div className="grid gap-1">
        <SceneView scene={scene}>{drawn}</SceneView>
        <p className="text-sm text-soft">{value === '' ? 'Nothing is drawn.' : said}</p>
        {right !== undefined && !right.includes(value) && <RightRay scene={scene} sent={right[0] ?? ''} />}
      </div>
    );
  }
  return (
    <div className="grid gap-2">
      <p className="text-sm text-soft" id={how}>
        {field.label}: click where the ray ends, or move its end with the arrow keys. Then say whether that number
        belongs to it, and which way it runs.
      </p>
      <TickLine
        scene={scene}
        name={`${field.label}. ${scene.alt} ${said}`}
        describedBy={how}
        tick={ray.tick}
        onTick={(tick) => set({ tick })}
        onEnter={onEnter}
      >
        {drawn}
      </TickLine>
      <div className="flex flex-wrap gap-x-6 gap-y-2">
        <Choice
          name="Does the end belong to it?"
          value={ray.end}
          options={[
            ['filled', '● belongs to it'],
            ['open', '○ does not'],
          ]}
          onChange={(end) => set({ end: end === 'filled' || end === 'open' ? end : '' })}
        />
        <Choice
          name="Which way does it run?"
          value={ray.way}
          options={[
            ['<', '← to the left'],
            ['>', 'to the right →'],
          ]}
          onChange={(way) => set({ way: way === '<' || way === '>' ? way : '' })}
        />
      </div>
      <p aria-live="polite">{said}</p>
    </div>
  );
}

/** The right ray on a line of its own, once it may be shown. */
function RightRay({ scene, sent }: { scene: Scene; sent: string }) {
  const ray = rayOf(sent);
  const spot = scene.spots.find((s) => s.id === ray.tick);
  return (
    spot !== undefined && (
      <div data-right-answer={sent}>
        <p>The right ray:</p>
        <SceneView scene={scene}>
          <Drawn scene={scene} ray={ray} x={middleOf(spot)} />
        </SceneView>
        <p className="text-sm text-soft">{saidOf(ray, spot.label)}</p>
      </div>
    )
  );
}

type ChoiceProps = {
  name: string;
  value: string;
  options: [string, string][];
  onChange: (value: string) => void;
};

function Choice({ name, value, options, onChange }: ChoiceProps) {
  return (
    <ToggleGroup.Root type="single" value={value} onValueChange={onChange} aria-label={name} className="flex gap-2">
      {options.map(([id, text]) => (
        <ToggleGroup.Item
          key={id}
          value={id}
          data-answer
          className="min-h-10 cursor-pointer rounded-slip border border-edge bg-leaf px-3 data-[state=on]:border-2 data-[state=on]:border-ink data-[state=on]:bg-spruce-wash data-[state=on]:font-semibold"
        >
          {text}
        </ToggleGroup.Item>
      ))}
    </ToggleGroup.Root>
  );
}

const ARROW = 9;

function Drawn({ scene, ray, x }: { scene: Scene; ray: Ray; x: number }) {
  const y = heightOf(scene);
  const tip = ray.way === '<' ? 2 : scene.width - 2;
  const back = ray.way === '<' ? ARROW : -ARROW;
  return (
    <g stroke="var(--color-spruce)" strokeWidth="4" fill="none" data-ray={`${ray.way}${ray.end}`}>
      {ray.way !== '' && (
        <path d={`M${x} ${y}L${tip} ${y}M${tip + back} ${y - ARROW}L${tip} ${y}L${tip + back} ${y + ARROW}`} />
      )}
      <circle
        cx={x}
        cy={y}
        r="7"
        strokeWidth="3"
        fill={ray.end === 'filled' ? 'var(--color-spruce)' : 'var(--color-leaf)'}
      />
    </g>
  );
}
