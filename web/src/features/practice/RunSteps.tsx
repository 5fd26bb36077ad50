import { ahead, row } from './ahead';
import type { View } from './usePractice';

/** A run as a stair to a flag: steps done, where right and missed would lead, and the row at hand. */
export function RunSteps({ view }: { view: View }) {
  const { target, forecast } = view;
  const wide = 620 / target.flag;
  const x = (step: number) => 20 + step * wide;
  const y = (step: number) => 84 - (step * 66) / target.flag;
  const stair = Array.from({ length: target.flag }, (_, i) => `L${x(i)} ${y(i + 1)}L${x(i + 1)} ${y(i + 1)}`).join('');
  const open = view.item.outcome === undefined && !target.reached;
  return (
    <svg viewBox="0 0 720 100" className="h-full w-full" role="img" aria-label={summary(view)}>
      <path
        d={`M0 ${y(0)}L20 ${y(0)}${stair}L700 ${y(target.flag)}`}
        fill="none"
        stroke="var(--color-edge)"
        strokeWidth="1.5"
      />
      {Array.from({ length: target.stands }, (_, i) => (
        <rect
          key={i}
          data-step
          x={x(i)}
          y={y(i + 1)}
          width={wide}
          height={92 - y(i + 1)}
          fill="var(--color-spruce)"
          opacity="0.22"
        />
      ))}
      <path
        d={`M690 ${y(target.flag)}v-14l18 6-18 6`}
        fill="var(--color-larch-mark)"
        stroke="var(--color-larch-mark)"
        strokeWidth="1.5"
      />
      <path d={`M${x(target.stands)} ${y(target.stands) - 14}l7 12h-14Z`} fill="var(--color-spruce)" />
      {open && forecast.ifRight > target.stands && (
        <circle
          cx={x(forecast.ifRight)}
          cy={y(forecast.ifRight) - 8}
          r="5"
          fill="none"
          stroke="var(--color-spruce)"
          strokeDasharray="3 2"
          strokeWidth="2"
        />
      )}
      {open && forecast.ifMissed < target.stands && (
        <circle
          cx={x(forecast.ifMissed)}
          cy={y(forecast.ifMissed) - 8}
          r="5"
          fill="none"
          stroke="var(--color-rust)"
          strokeDasharray="3 2"
          strokeWidth="2"
        />
      )}
      <g className="text-[13px] max-md:hidden">
        <text x="24" y="14" className="fill-ink">
          {ahead(view)}
        </text>
        <text x="24" y="32" className="fill-soft">
          {row(view)}
        </text>
      </g>
    </svg>
  );
}

function summary(view: View): string {
  const { target } = view;
  return `Step ${target.stands} of ${target.flag}, ${target.inRow} right in a row. ${ahead(view)}`.trimEnd();
}
