import { type QueryClient, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, taken } from '../../api/client';

const ME = ['me'];

/** What belonged to whoever was here before. */
function forgetOthers(queries: QueryClient) {
  queries.removeQueries({ predicate: (query) => query.queryKey[0] !== ME[0] });
}

export function useMe() {
  return useQuery({ queryKey: ME, queryFn: () => taken(api.GET('/api/session')), staleTime: 60_000 });
}

export function useSignIn() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (body: { username: string; password: string }) => taken(api.POST('/api/session', { body })),
    retry: false,
    onSuccess: (me) => {
      forgetOthers(queries);
      queries.setQueryData(ME, me);
    },
  });
}

export function useSignOut() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: () => taken(api.DELETE('/api/session')),
    onSuccess: (me) => {
      forgetOthers(queries);
      queries.setQueryData(ME, me);
    },
  });
}
