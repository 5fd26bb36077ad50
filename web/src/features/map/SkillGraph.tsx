import { type KeyboardEvent, useRef } from 'react';
import { layout, type MapSkill, neighbour, NODE, type Placed } from './layout';
import { StatusMark, WORDS } from './StatusMark';
import { type Trail, trails } from './trails';

/** Names of more letters are set smaller, so that they stay on two lines. */
const LONG = 28;

type Props = { skills: MapSkill[]; chosen: string; onChoose: (id: string) => void };

/** The graph of skills from left to right; arrow keys walk it. On a narrow screen it is pushed sideways. */
export function SkillGraph({ skills, chosen, onChoose }: Props) {
  const { placed, bands, width, height } = layout(skills);
  const root = useRef<HTMLDivElement>(null);
  const onKey = (event: KeyboardEvent, from: Placed) => {
    const to = neighbour(placed, from, event.key);
    if (to !== undefined) {
      event.preventDefault();
      onChoose(to.skill.id);
      root.current?.querySelector<HTMLElement>(`[data-skill="${to.skill.id}"]`)?.focus();
    }
  };
  return (
    <div
      ref={root}
      className="overflow-x-auto rounded-slip border border-rule bg-leaf p-1"
      role="group"
      aria-label="Skills, from what comes first on the left. Arrow keys walk along."
    >
      <div className="relative" style={{ width, height }}>
        <svg width={width} height={height} className="absolute inset-0" aria-hidden="true">
          {bands.map((band, i) => (
            <g key={band.strand}>
              {i > 0 && <line x1="0" x2={width} y1={band.y} y2={band.y} stroke="var(--color-rule)" />}
              <foreignObject x="6" y={band.y + 4} width="106" height={band.height - 4}>
                <p className="text-[12px] leading-[1.1] text-soft">
                  {band.strand}
                  <span className="block text-ink">
                    {band.known} of {band.all} known
                  </span>
                </p>
              </foreignObject>
            </g>
          ))}
          {trails(placed)
            .toSorted((a, b) => Number(meets(a, chosen)) - Number(meets(b, chosen)))
            .map((trail) => (
              <path
                key={`${trail.from}-${trail.to}`}
                d={trail.path}
                fill="none"
                stroke={meets(trail, chosen) ? 'var(--color-larch-mark)' : 'var(--color-edge)'}
                strokeWidth={meets(trail, chosen) ? 2.5 : 1}
              />
            ))}
        </svg>
        {placed.map((p) => (
          <button
            key={p.skill.id}
            type="button"
            data-skill={p.skill.id}
            tabIndex={p.skill.id === chosen ? 0 : -1}
            aria-pressed={p.skill.id === chosen}
            className={`absolute flex cursor-pointer items-center gap-2 rounded-slip border px-1.5 text-left leading-[1.15] ${p.skill.name.length > LONG ? 'text-[12px]' : 'text-[13px]'} ${
              p.skill.id === chosen
                ? 'border-2 border-ink bg-larch-wash'
                : p.skill.status === 'LOCKED'
                  ? 'border-dashed border-edge bg-paper text-soft'
                  : 'border-edge bg-leaf'
            }`}
            style={{ left: p.x, top: p.y, width: NODE.width, height: NODE.height }}
            onClick={() => onChoose(p.skill.id)}
            onKeyDown={(event) => onKey(event, p)}
          >
            <StatusMark status={p.skill.status} />
            <span>
              {p.skill.name}
              <span className="sr-only">, {WORDS[p.skill.status]}</span>
            </span>
          </button>
        ))}
      </div>
    </div>
  );
}

/** Trails of the skill that is chosen are drawn last, over all others. */
const meets = (trail: Trail, id: string) => trail.from === id || trail.to === id;
