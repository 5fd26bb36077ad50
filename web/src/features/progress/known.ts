import type { Schemas } from '../../api/client';

/** One place of the chart; what is not drawn there is left out. */
type Place = { at: number; due?: number; practice?: number; check?: number; pace?: number };

/** The points of the chart in the order of time, with both ends of the pace line. @param today after which nothing is known yet */
export function chartOf(points: Schemas['KnownPoint'][], today: string, pace: Schemas['Pace'] | undefined): Place[] {
  const known = points.map((p) => ({ at: Date.parse(p.date), due: p.due, ...(p.date <= today && { practice: p.byPractice, check: p.byCheck }) }));
  const ends = pace === undefined ? [] : [{ at: Date.parse(pace.start), pace: 0 }, { at: Date.parse(pace.date), pace: pace.skills }];
  const merged = new Map<number, Place>();
  for (const place of [...known, ...ends]) {
    merged.set(place.at, { ...merged.get(place.at), ...place });
  }
  return [...merged.values()].toSorted((a, b) => a.at - b.at);
}
