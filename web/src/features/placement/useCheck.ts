import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, type Schemas, taken } from '../../api/client';
import { useFresh } from '../../keeping/useFresh';

export type Check = Schemas['CheckView'];
type Answer = { itemId: string; isNew: boolean; entries: Record<string, string>[] };

/** Checks of what is known: the one that runs, and those that are done. */
export function useCheck() {
  const queries = useQueryClient();
  const view = useFresh(['check'], () => taken(api.GET('/api/check')));
  const show = (now: Check) => {
    queries.setQueryData(['check'], now);
    if (now.running === undefined) {
      void queries.invalidateQueries({ queryKey: ['map'] });
    }
  };
  const start = useMutation({ mutationFn: (wholeCourse: boolean) => taken(api.POST('/api/check/start', { body: { wholeCourse } })), onSuccess: show, retry: false });
  const answer = useMutation({ mutationFn: (body: Answer) => taken(api.POST('/api/check/answer', { body })), onSuccess: show });
  return { view, start, answer };
}

export type CheckHand = ReturnType<typeof useCheck>;
