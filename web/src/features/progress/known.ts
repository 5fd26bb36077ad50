import type { Schemas } from '../../api/client';

/** One place of the chart; what is not drawn there is left out. */
type Place = { at: number; due: number; practice?: number; check?: number; pace?: number };

/** The points as the chart takes them. @param today after which nothing is known yet */
export function chartOf(points: Schemas['KnownPoint'][], today: string): Place[] {
  return points.map((p) => ({
    at: Date.parse(p.date),
    due: p.due,
    ...(p.date <= today && { practice: p.byPractice, check: p.byCheck }),
    ...(p.pace !== undefined && { pace: p.pace }),
  }));
}
