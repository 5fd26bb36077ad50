import { useQuery } from '@tanstack/react-query';
import { api, taken } from '../../api/client';

const SEEN = 'answers-seen';
const FRESH_MS = 60_000;

/** Ids of the questions whose answers were shown on this device. */
export function seenAnswers(): Set<string> {
  const kept: unknown = JSON.parse(localStorage.getItem(SEEN) ?? '[]');
  return new Set(Array.isArray(kept) ? kept.filter((id): id is string => typeof id === 'string') : []);
}

export function keepSeen(ids: string[]) {
  localStorage.setItem(SEEN, JSON.stringify(ids));
}

/** How much waits on the pages of the navigation, by their address. */
export function useCounts(role: string | undefined): Record<string, number> {
  const teaches = role === 'INSTRUCTOR';
  const pile = useQuery({
    queryKey: ['pile'],
    queryFn: () => taken(api.GET('/api/handed-in')),
    enabled: teaches,
    staleTime: FRESH_MS,
  });
  const questions = useQuery({
    queryKey: ['questions'],
    queryFn: () => taken(api.GET('/api/questions')),
    enabled: role !== undefined,
    staleTime: FRESH_MS,
  });
  const seen = seenAnswers();
  const open =
    questions.data?.filter((q) => (teaches ? q.answer === undefined : q.answer !== undefined && !seen.has(q.id)))
      .length ?? 0;
  return { '/handed-in': pile.data?.waiting.length ?? 0, '/questions': open };
}
