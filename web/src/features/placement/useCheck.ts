import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, type Schemas, taken } from '../../api/client';
import { letter } from '../../outbox/letter';
import { useDeed } from '../../outbox/useDeed';
import { useFresh } from '../../outbox/useFresh';
import { placeOf, textOf } from '../practice/useDraft';

export type Check = Schemas['CheckView'];
type Answer = { itemId: string; isNew: boolean; entries: Record<string, string>[] };

/** Checks of what is known: the one that runs, and those that are done. */
export function useCheck(itemId = '') {
  const queries = useQueryClient();
  const view = useFresh(['check'], () => taken(api.GET('/api/check')));
  const show = (now: Check) => {
    queries.setQueryData(['check'], now);
    if (now.running === undefined) {
      void queries.invalidateQueries({ queryKey: ['map'] });
    }
  };
  const start = useMutation({
    mutationFn: (wholeCourse: boolean) => taken(api.POST('/api/check/start', { body: { wholeCourse } })),
    onSuccess: show,
    retry: false,
  });
  const answer = useDeed({
    place: placeOf(itemId),
    words: 'Your answer in the check',
    letter: (body: Answer) => letter('post', '/api/check/answer', {}, body),
    copy: ({ entries }) => textOf(entries),
    refresh: [['check']],
    onDone: show,
  });
  return { view, start, answer };
}

export type CheckHand = ReturnType<typeof useCheck>;
