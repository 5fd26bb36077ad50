import { Area, CartesianGrid, ComposedChart, Legend, Line, ResponsiveContainer, Tooltip, XAxis, YAxis } from 'recharts';
import type { Schemas } from '../../api/client';
import { ChartTable, dayOf } from './ChartTable';

/** Skills known by how they were first shown, and the pace that the due dates set. @param today after which only the pace is drawn */
export default function KnownChart({ points, today }: { points: Schemas['KnownPoint'][]; today: string }) {
  const data = points.map((p) => ({ at: Date.parse(p.date), pace: p.pace, ...(p.date <= today && { practice: p.byPractice, check: p.byCheck }) }));
  return (
    <>
      <div className="h-64" role="img" aria-label="Skills known and due over time; the numbers stand below">
        <ResponsiveContainer>
          <ComposedChart data={data} accessibilityLayer={false} margin={{ left: 0, right: 16, top: 8, bottom: 0 }}>
            <CartesianGrid stroke="var(--color-grid)" />
            <XAxis dataKey="at" type="number" scale="time" domain={['dataMin', 'dataMax']} tickFormatter={(at: number) => dayOf(new Date(at).toISOString().slice(0, 10))} stroke="var(--color-soft)" />
            <YAxis allowDecimals={false} width={32} stroke="var(--color-soft)" />
            <Tooltip labelFormatter={(at) => dayOf(new Date(Number(at)).toISOString().slice(0, 10))} contentStyle={{ background: 'var(--color-leaf)', borderColor: 'var(--color-rule)' }} />
            <Legend />
            <Area type="stepAfter" dataKey="practice" name="shown in practice" stackId="known" stroke="var(--color-spruce)" fill="var(--color-spruce)" fillOpacity={0.35} isAnimationActive={false} />
            <Area type="stepAfter" dataKey="check" name="shown in a check" stackId="known" stroke="var(--color-glacier)" fill="var(--color-glacier)" fillOpacity={0.25} strokeDasharray="3 2" isAnimationActive={false} />
            <Line type="stepAfter" dataKey="pace" name="due by then" stroke="var(--color-larch-mark)" strokeDasharray="6 4" dot={false} isAnimationActive={false} />
          </ComposedChart>
        </ResponsiveContainer>
      </div>
      <ChartTable head={['Day', 'Shown in practice', 'Shown in a check', 'Due by then']} rows={points.map((p) => [dayOf(p.date), p.byPractice, p.byCheck, p.pace])} />
    </>
  );
}
