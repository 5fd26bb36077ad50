import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, newKey, type Schemas, taken } from '../../api/client';
import { keepers } from '../../keeping/keepers';
import { useFresh } from '../../keeping/useFresh';

export type Quiz = Schemas['QuizView'];
export type Running = Schemas['Running'];

/** The same view with what was just entered at an item, so that coming back to the item shows it. */
export function withEntries(view: Quiz, itemId: string, entries: Record<string, string>[]): Quiz {
  const { running } = view;
  if (running === undefined) {
    return view;
  }
  const items = running.items.map((i) => (i.item.id === itemId ? { ...i, item: { ...i.item, parts: i.item.parts.map((part, p) => ({ ...part, entries: entries[p] ?? {} })) } } : i));
  return { ...view, running: { ...running, items } };
}

/** The quiz of an assignment, as the server knows it. */
export function useQuiz(assignmentId: string) {
  const queries = useQueryClient();
  const name = ['quiz', assignmentId];
  const path = { assignmentId };
  const view = useFresh(name, () => taken(api.GET('/api/quiz/{assignmentId}', { params: { path } })), { refetchInterval: 60_000 });
  const show = (now: Quiz) => {
    queries.setQueryData(name, now);
    void queries.invalidateQueries({ queryKey: ['due'] });
    void queries.invalidateQueries({ queryKey: ['round', assignmentId] });
  };
  const refresh = () => queries.invalidateQueries({ queryKey: name });
  const start = useMutation({
    mutationFn: (key: string) => taken(api.POST('/api/quiz/{assignmentId}/start', { params: { path, header: { 'Idempotency-Key': key } } })),
    onSuccess: show,
    onError: refresh,
  });
  const submit = useMutation({
    mutationFn: async ({ key, round }: { key: string; round: number }) => {
      await keepers.settled();
      return taken(api.POST('/api/quiz/{assignmentId}/submit', { params: { path, header: { 'Idempotency-Key': key } }, body: { round } }));
    },
    onSuccess: show,
    onError: refresh,
  });
  return { view, start, submit, refresh, newKey };
}

export type QuizHand = ReturnType<typeof useQuiz>;

/** A round that is done, and what is written to correct it. */
export function useRound(assignmentId: string, number: number) {
  const queries = useQueryClient();
  const name = ['round', assignmentId, number];
  const result = useQuery({
    queryKey: name,
    queryFn: () => taken(api.GET('/api/quiz/{assignmentId}/rounds/{number}', { params: { path: { assignmentId, number } } })),
  });
  const correct = useMutation({
    mutationFn: ({ slot, note, key }: { slot: number; note: string; key: string }) =>
      taken(api.POST('/api/quiz/{assignmentId}/rounds/{number}/corrections/{slot}', { params: { path: { assignmentId, number, slot }, header: { 'Idempotency-Key': key } }, body: { note } })),
    onSuccess: (now) => {
      queries.setQueryData(name, now);
      void queries.invalidateQueries({ queryKey: ['quiz', assignmentId] });
      void queries.invalidateQueries({ queryKey: ['book'] });
    },
    retry: false,
  });
  return { result, correct };
}
