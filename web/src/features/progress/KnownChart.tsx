import { Area, CartesianGrid, ComposedChart, Legend, Line, ResponsiveContainer, Tooltip, XAxis, YAxis } from 'recharts';
import type { Schemas } from '../../api/client';
import { day } from '../../ui/dates';
import { ChartTable } from './ChartTable';
import { chartOf } from './known';

type Props = {
  points: Schemas['KnownPoint'][];
  /** After this day only what is due and the pace are drawn. */
  today: string;
};

const dayAt = (at: number) => day(new Date(at).toISOString().slice(0, 10));

const COMMON = { isAnimationActive: false } as const;
const AREAS = [
  {
    dataKey: 'practice',
    name: 'shown in practice',
    stroke: 'var(--color-spruce)',
    fill: 'var(--color-spruce)',
    fillOpacity: 0.35,
  },
  {
    dataKey: 'check',
    name: 'shown in a check',
    stroke: 'var(--color-glacier)',
    fill: 'var(--color-glacier)',
    fillOpacity: 0.25,
    strokeDasharray: '3 2',
  },
];
const DUE = {
  legendType: 'plainline',
  type: 'stepAfter',
  dataKey: 'due',
  name: 'due by then',
  stroke: 'var(--color-larch-mark)',
  strokeDasharray: '6 4',
  dot: false,
} as const;
const PACE = {
  legendType: 'plainline',
  dataKey: 'pace',
  name: 'pace to the goal',
  stroke: 'var(--color-ink)',
  strokeWidth: 2,
  strokeDasharray: '1 4',
  strokeLinecap: 'round',
  connectNulls: true,
  dot: false,
} as const;

/** Skills known by how they were first shown, what is due, and the pace to the goal. */
export default function KnownChart({ points, today }: Props) {
  return (
    <>
      <div className="h-64" role="img" aria-label="Skills known and due over time; the numbers stand below">
        <ResponsiveContainer>
          <ComposedChart
            data={chartOf(points, today)}
            accessibilityLayer={false}
            margin={{ left: 0, right: 16, top: 8, bottom: 0 }}
          >
            <CartesianGrid stroke="var(--color-grid)" />
            <XAxis
              dataKey="at"
              type="number"
              scale="time"
              domain={['dataMin', 'dataMax']}
              tickFormatter={dayAt}
              stroke="var(--color-soft)"
            />
            <YAxis allowDecimals={false} width={32} stroke="var(--color-soft)" />
            <Tooltip
              labelFormatter={(at) => dayAt(Number(at))}
              contentStyle={{ background: 'var(--color-leaf)', borderColor: 'var(--color-rule)' }}
              itemStyle={{ color: 'var(--color-ink)' }}
            />
            <Legend />
            {AREAS.map((area) => (
              <Area key={area.name} {...COMMON} legendType="rect" type="stepAfter" stackId="known" {...area} />
            ))}
            <Line {...COMMON} {...DUE} />
            {points.some((p) => p.pace !== undefined) && <Line {...COMMON} {...PACE} />}
          </ComposedChart>
        </ResponsiveContainer>
      </div>
      <ChartTable
        head={['Day', 'Shown in practice', 'Shown in a check', 'Due by then', 'Pace to the goal']}
        rows={points.map((p) => [day(p.date), p.byPractice, p.byCheck, p.due, p.pace ?? '–'])}
      />
    </>
  );
}
