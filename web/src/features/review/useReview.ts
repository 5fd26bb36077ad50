import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, type Schemas, taken } from '../../api/client';

export type Review = Schemas['ReviewView'];
export type SetView = Schemas['SetView'];

/** What is known, and the mixed set that one is in. */
export function useReview() {
  const queries = useQueryClient();
  const view = useQuery({ queryKey: ['review'], queryFn: () => taken(api.GET('/api/review')) });
  const onSuccess = (now: Review) => {
    queries.setQueryData(['review'], now);
    for (const name of ['map', 'check', 'due', 'practice']) {
      void queries.invalidateQueries({ queryKey: [name] });
    }
  };
  const begin = useMutation({
    mutationFn: (skills: string[]) => taken(api.POST('/api/review/set', { body: { skills } })),
    onSuccess,
    retry: false,
  });
  const next = useMutation({
    mutationFn: (itemId: string) => taken(api.POST('/api/review/set/next', { body: { itemId } })),
    onSuccess,
  });
  const end = useMutation({ mutationFn: () => taken(api.DELETE('/api/review/set')), onSuccess, retry: false });
  return { view, begin, next, end };
}

export type ReviewHand = ReturnType<typeof useReview>;
