import { Bar, BarChart, CartesianGrid, ResponsiveContainer, Tooltip, XAxis, YAxis } from 'recharts';
import type { Schemas } from '../../api/client';
import { day } from '../../ui/dates';
import { ChartTable } from './ChartTable';

/** Active minutes of the last weeks; pauses are left out. */
export default function TimeChart({ days }: { days: Schemas['DayTime'][] }) {
  const all = days.reduce((sum, d) => sum + d.minutes, 0);
  const data = days.map((d) => ({ day: day(d.date), minutes: d.minutes }));
  return (
    <>
      <p className="text-soft">{all} minutes in the last six weeks. A pause of more than ten minutes is not counted.</p>
      <div className="h-44" role="img" aria-label="Active minutes by day; the numbers stand below">
        <ResponsiveContainer>
          <BarChart data={data} accessibilityLayer={false} margin={{ left: 0, right: 16, top: 8, bottom: 0 }}>
            <CartesianGrid stroke="var(--color-grid)" vertical={false} />
            <XAxis dataKey="day" interval={6} stroke="var(--color-soft)" />
            <YAxis allowDecimals={false} width={32} stroke="var(--color-soft)" />
            <Tooltip
              contentStyle={{ background: 'var(--color-leaf)', borderColor: 'var(--color-rule)' }}
              itemStyle={{ color: 'var(--color-ink)' }}
              cursor={{ fill: 'var(--color-grid)' }}
            />
            <Bar dataKey="minutes" fill="var(--color-spruce)" isAnimationActive={false} />
          </BarChart>
        </ResponsiveContainer>
      </div>
      <ChartTable
        head={['Day', 'Minutes']}
        rows={days.filter((d) => d.minutes > 0).map((d) => [day(d.date), d.minutes])}
      />
    </>
  );
}
