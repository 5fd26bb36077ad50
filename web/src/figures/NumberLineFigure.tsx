import type { Schemas } from '../api/client';

const WIDTH = 640;
const Y = 46;

/** A number line; marks are filled or open points with their labels above. */
export function NumberLineFigure({ figure }: { figure: Schemas['FigureNumberLine'] }) {
  const x = (value: number) => 24 + ((value - figure.from) / (figure.to - figure.from)) * (WIDTH - 48);
  const first = Math.ceil(figure.from / figure.step) * figure.step;
  const ticks = Array.from({ length: Math.floor((figure.to - first) / figure.step) + 1 }, (_, i) => first + i * figure.step);
  const every = ticks.length > 14 ? 5 : 1;
  return (
    <svg viewBox={`0 0 ${WIDTH} 84`} className="w-full max-w-2xl" role="img" aria-label={figure.alt}>
      <path d={`M8 ${Y}H${WIDTH - 8}M${WIDTH - 16} ${Y - 5}l8 5-8 5M16 ${Y - 5}l-8 5 8 5`} fill="none" stroke="var(--color-ink)" strokeWidth="1.8" />
      {ticks.map((t) => (
        <g key={t}>
          <line x1={x(t)} x2={x(t)} y1={Y - 6} y2={Y + 6} stroke="var(--color-ink)" />
          {(every === 1 || t % every === 0) && (
            <text x={x(t)} y={Y + 26} textAnchor="middle" className="fill-ink text-[15px]">
              {t}
            </text>
          )}
        </g>
      ))}
      {figure.marks.map((m) => (
        <g key={m.label + m.at}>
          <circle cx={x(m.at)} cy={Y} r="6" fill={m.open ? 'var(--color-leaf)' : 'var(--color-spruce)'} stroke="var(--color-spruce)" strokeWidth="2.5" />
          <text x={x(m.at)} y={Y - 14} textAnchor="middle" className="fill-ink text-[16px] font-semibold">
            {m.label}
          </text>
        </g>
      ))}
    </svg>
  );
}
