import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, newKey, Refusal, type Schemas, taken } from '../../api/client';
import { keepers } from '../../keeping/keepers';
import { useFresh } from '../../keeping/useFresh';

export type View = Schemas['PracticeView'];
export type Item = Schemas['ItemView'];
export type Onward = Schemas['Next']['onward'];

type Place = { assignmentId: string; skillId: string };
type Attempt = { itemId: string; part: number; entries: Record<string, string>; confirmed: boolean };

/** What stands on the page matters to a check; what is typed in the field is sent with it. */
const isWork = (name: string) => !name.startsWith('draft-');

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
    mutationFn: async ({ key, ...body }: Attempt & { key: string }) => {
      await keepers.settled(isWork);
      return taken(api.POST('/api/practice/{assignmentId}/{skillId}/check', { ...at(key), body }));
    },
    onSuccess: (checked) => {
      show(checked.view);
      if (checked.view.workRequired) {
        void queries.invalidateQueries({ queryKey: ['work', checked.view.item.id] });
      }
    },
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
  const workShown = useMutation({
    mutationFn: async ({ key, itemId }: { key: string; itemId: string }) => {
      await keepers.settled();
      return taken(api.POST('/api/practice/{assignmentId}/{skillId}/work-shown', { ...at(key), body: { itemId } }));
    },
    onSuccess: (now) => {
      show(now);
      void queries.invalidateQueries({ queryKey: ['work', now.item.id] });
    },
  });
  const next = useMutation({
    mutationFn: ({ key, itemId, onward }: { key: string; itemId: string; onward: Onward }) =>
      taken(api.POST('/api/practice/{assignmentId}/{skillId}/next', { ...at(key), body: { itemId, onward } })),
    onSuccess: show,
    onError,
  });
  return { view, check, hint, example, solution, workShown, next, newKey };
}

export type Practice = ReturnType<typeof usePractice>;
