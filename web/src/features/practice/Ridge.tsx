import { onceRead } from './onceRead';
import type { View } from './usePractice';

const WIDTH = 720;
const FLOOR = 76;
const SHOWN = 18;
const STEP = 26;

const y = (score: number) => FLOOR - 4 - score * 0.6;

/** The score as a ridge line: a mark for every item, the target as a flag, two paths for what comes next. */
export function Ridge({ view }: { view: View }) {
  const points = view.history.slice(-SHOWN);
  const first = points[0];
  const start = first === undefined ? 0 : first.stands - first.change;
  const x = (i: number) => 8 + i * STEP;
  const here = { x: x(points.length), y: y(view.target.hoped) };
  const line = [start, ...points.map((p) => p.stands)].map((score, i) => `${x(i)},${y(score)}`).join(' ');
  return (
    <svg viewBox={`0 0 ${WIDTH} ${FLOOR}`} className="h-full w-full" role="img" aria-label={summary(view)}>
      {[14, 34, 54].map((h) => (
        <path
          key={h}
          d={`M0 ${h + 14}C160 ${h + 22} 260 ${h - 16} 400 ${h}S620 ${h - 18} ${WIDTH} ${h - 6}`}
          fill="none"
          stroke="var(--color-rule)"
        />
      ))}
      <line
        x1="4"
        x2={WIDTH - 26}
        y1={y(view.target.flag)}
        y2={y(view.target.flag)}
        stroke="var(--color-larch-mark)"
        strokeWidth="1.5"
        strokeDasharray="1.5 5"
      />
      <path d={`M${WIDTH - 26} ${y(view.target.flag)}v-10l16 5-16 5`} fill="var(--color-larch-mark)" />
      <text
        x={WIDTH - 34}
        y={y(view.target.flag) - 6}
        textAnchor="end"
        className="fill-larch text-[12px] max-md:hidden"
      >
        target {view.target.flag}
      </text>
      <polygon points={`${x(0)},${FLOOR} ${line} ${here.x},${FLOOR}`} fill="var(--color-spruce)" opacity="0.13" />
      <polyline points={line} fill="none" stroke="var(--color-spruce)" strokeWidth="2.2" strokeLinejoin="round" />
      {points.map((p, i) => (
        // oxlint-disable-next-line react/no-array-index-key -- the history only grows
        <PointMark key={i} x={x(i + 1)} y={y(p.stands)} outcome={p.outcome} waiting={p.waiting} />
      ))}
      <Ahead view={view} from={here} />
    </svg>
  );
}

/** A right one is a triangle: full once it counts, hollow while its work waits to be read. */
function PointMark({ x, y: at, outcome, waiting }: { x: number; y: number; outcome: string; waiting: boolean }) {
  switch (outcome) {
    case 'MISSED':
      return <circle cx={x} cy={at} r="4.5" fill="var(--color-paper)" stroke="var(--color-rust)" strokeWidth="2" />;
    case 'AIDED':
      return (
        <rect
          x={x - 3.5}
          y={at - 3.5}
          width="7"
          height="7"
          fill="var(--color-paper)"
          stroke="var(--color-glacier)"
          strokeWidth="2"
        />
      );
    default:
      return waiting ? (
        <path
          d={`M${x} ${at - 6}l5.5 9.5h-11Z`}
          fill="var(--color-paper)"
          stroke="var(--color-spruce)"
          strokeWidth="1.8"
          data-point="waiting"
        />
      ) : (
        <path d={`M${x} ${at - 6}l5.5 9.5h-11Z`} fill="var(--color-spruce)" />
      );
  }
}

function Ahead({ view, from }: { view: View; from: { x: number; y: number } }) {
  if (view.item.outcome !== undefined) {
    return null;
  }
  const up = y(view.forecast.ifRight);
  const down = y(view.forecast.ifMissed);
  const to = from.x + 44;
  const missed = view.item.parts.some((part) => part.status === 'MISSED');
  const aided = view.item.parts.some((part) => part.hints.length > 0);
  const right = aided ? 'right, with a hint' : 'right';
  const apart = Math.min(Math.max(up + 4, 12), FLOOR - 20);
  return (
    <g className="text-[12px]">
      {!missed && (
        <line
          x1={from.x + 5}
          y1={from.y}
          x2={to}
          y2={up}
          stroke="var(--color-spruce)"
          strokeDasharray="3 3"
          strokeWidth="1.6"
        />
      )}
      <line
        x1={from.x + 5}
        y1={from.y}
        x2={to}
        y2={down}
        stroke="var(--color-rust)"
        strokeDasharray="3 3"
        strokeWidth="1.6"
      />
      {!missed && (
        <text className="fill-spruce max-md:hidden" x={to + 6} y={apart}>
          {right} {view.forecast.ifRight}
        </text>
      )}
      <text x={to + 6} y={Math.min(Math.max(down + 4, apart + 14), FLOOR - 4)} className="fill-rust max-md:hidden">
        missed {view.forecast.ifMissed}
      </text>
    </g>
  );
}

function summary(view: View): string {
  const ahead = `Right now leads to ${view.forecast.ifRight}, missed to ${view.forecast.ifMissed}.`;
  const waits = onceRead(view.target);
  return `Score ${view.target.stands}${waits === '' ? '' : `, ${waits}`}, of target ${view.target.flag} after ${view.history.length} items. ${view.item.outcome === undefined ? ahead : ''}`;
}
