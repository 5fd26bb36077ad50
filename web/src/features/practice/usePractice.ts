import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, newKey, Refusal, type Schemas, taken } from '../../api/client';
import { useFresh } from '../../keeping/useFresh';

export type View = Schemas['PracticeView'];
export type Item = Schemas['ItemView'];
export type Onward = Schemas['Next']['onward'];

type Place = { assignmentId: string; skillId: string };
type Attempt = { itemId: string; part: number; entries: Record<string, string>; confirmed: boolean };

/** The practice of one skill: its state on the server, and what can be done to it. Every action counts once, however often it is sent. */
export function usePractice(place: Place) {
  const queries = useQueryClient();
  const name = ['practice', place.assignmentId, place.skillId];
  const show = (view: View) => {
    queries.setQueryData(name, view);
    void queries.invalidateQueries({ queryKey: ['due'] });
  };
  /** Another window has moved on: show what is true now. */
  const onError = (error: Error) => {
    if (error instanceof Refusal && error.status === 409) {
      void queries.invalidateQueries({ queryKey: name });
    }
  };
  const at = (key: string) => ({ params: { path: place, header: { 'Idempotency-Key': key } } });

  const view = useFresh(name, () => taken(api.GET('/api/practice/{assignmentId}/{skillId}', { params: { path: place } })));
  const check = useMutation({
    mutationFn: ({ key, ...body }: Attempt & { key: string }) => taken(api.POST('/api/practice/{assignmentId}/{skillId}/check', { ...at(key), body })),
    onSuccess: (checked) => show(checked.view),
    onError,
  });
  const hint = useMutation({
    mutationFn: ({ key, itemId }: { key: string; itemId: string }) => taken(api.POST('/api/practice/{assignmentId}/{skillId}/hint', { ...at(key), body: { itemId } })),
    onSuccess: show,
    onError,
  });
  const example = useMutation({
    mutationFn: ({ key, itemId }: { key: string; itemId: string }) => taken(api.POST('/api/practice/{assignmentId}/{skillId}/example', { ...at(key), body: { itemId } })),
    onSuccess: show,
    onError,
  });
  const solution = useMutation({
    mutationFn: ({ key, itemId }: { key: string; itemId: string }) => taken(api.POST('/api/practice/{assignmentId}/{skillId}/solution', { ...at(key), body: { itemId } })),
    onSuccess: show,
    onError,
  });
  const next = useMutation({
    mutationFn: ({ key, itemId, onward }: { key: string; itemId: string; onward: Onward }) =>
      taken(api.POST('/api/practice/{assignmentId}/{skillId}/next', { ...at(key), body: { itemId, onward } })),
    onSuccess: show,
    onError,
  });
  return { view, check, hint, example, solution, next, newKey };
}

export type Practice = ReturnType<typeof usePractice>;
