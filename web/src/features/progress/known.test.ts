import { describe, expect, it } from 'vitest';
import { chartOf } from './known';

describe('chartOf', () => {
  const points = [
    { date: '2026-05-01', byPractice: 0, byCheck: 2, due: 0, pace: 0 },
    { date: '2026-05-04', byPractice: 1, byCheck: 2, due: 1, pace: 0.5 },
    { date: '2026-06-01', byPractice: 1, byCheck: 2, due: 4 },
  ];
  const chart = chartOf(points, '2026-05-04');
  it('knows nothing after today, but what is due', () => {
    expect(chart.map((p) => p.practice)).toEqual([0, 1, undefined]);
    expect(chart.map((p) => p.due)).toEqual([0, 1, 4]);
  });
  it('leaves the pace out where there is none', () => {
    expect(chart.map((p) => p.pace)).toEqual([0, 0.5, undefined]);
    expect('pace' in (chart[2] ?? {})).toBe(false);
  });
  it('keeps the days apart as they are in time', () => {
    expect((chart[1]?.at ?? 0) - (chart[0]?.at ?? 0)).toBe(3 * 86_400_000);
  });
});
