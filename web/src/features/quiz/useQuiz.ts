import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, newKey, Refusal, type Schemas, taken } from '../../api/client';
import { letter } from '../../outbox/letter';
import { useDeed } from '../../outbox/useDeed';
import { useFresh } from '../../outbox/useFresh';

export type Quiz = Schemas['QuizView'];
export type Running = Schemas['Running'];

/** All that is made in a quiz goes out in its order: what is handed in comes after what was answered. */
export const placeOf = (assignmentId: string) => `quiz/${assignmentId}`;

/** The quiz of an assignment, as the server knows it. */
export function useQuiz(assignmentId: string) {
  const queries = useQueryClient();
  const name = ['quiz', assignmentId];
  const path = { assignmentId };
  const view = useFresh(name, () => taken(api.GET('/api/quiz/{assignmentId}', { params: { path } })), {
    refetchInterval: 60_000,
  });
  const show = (now: Quiz) => {
    queries.setQueryData(name, now);
    void queries.invalidateQueries({ queryKey: ['due'] });
    void queries.invalidateQueries({ queryKey: ['round', assignmentId] });
  };
  const refresh = () => queries.invalidateQueries({ queryKey: name });
  const start = useMutation({
    mutationFn: (key: string) =>
      taken(api.POST('/api/quiz/{assignmentId}/start', { params: { path, header: { 'Idempotency-Key': key } } })),
    onSuccess: show,
    onError: refresh,
    /** The time starts with it: without a connection it is not sent later than it was pressed. */
    retry: (count, error) => error instanceof Refusal && !error.offline && error.status >= 429 && count < 3,
  });
  const submit = useDeed({
    place: placeOf(assignmentId),
    words: 'The round you handed in',
    letter: (round: number) => letter('post', '/api/quiz/{assignmentId}/submit', path, { round }),
    refresh: [name, ['due'], ['round', assignmentId]],
    onDone: show,
    onRefused: () => void refresh(),
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
    queryFn: () =>
      taken(api.GET('/api/quiz/{assignmentId}/rounds/{number}', { params: { path: { assignmentId, number } } })),
  });
  const correct = useDeed({
    place: placeOf(assignmentId),
    words: 'Your correction',
    letter: ({ slot, note }: { slot: number; note: string }) =>
      letter(
        'post',
        '/api/quiz/{assignmentId}/rounds/{number}/corrections/{slot}',
        { assignmentId, number, slot },
        { note },
      ),
    copy: ({ note }) => note,
    refresh: [name, ['quiz', assignmentId], ['book']],
    onDone: (now) => {
      queries.setQueryData(name, now);
      void queries.invalidateQueries({ queryKey: ['quiz', assignmentId] });
      void queries.invalidateQueries({ queryKey: ['book'] });
    },
  });
  return { result, correct };
}
