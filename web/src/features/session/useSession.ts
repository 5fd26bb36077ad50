import { type QueryClient, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, type Schemas, showClass, taken } from '../../api/client';

const ME = ['me'];
type Me = Schemas['Me'];

/** What belonged to whoever was here before. */
function forgetOthers(queries: QueryClient) {
  queries.removeQueries({ predicate: (query) => query.queryKey[0] !== ME[0] });
}

/** Shows who is here now; what was shown to others, or of another class, is forgotten. */
export function enter(queries: QueryClient, me: Me) {
  const before = queries.getQueryData<Me>(ME);
  if (before?.name !== me.name || before.classId !== me.classId) {
    forgetOthers(queries);
  }
  showClass(me.role === 'INSTRUCTOR' ? me.classId : '');
  queries.setQueryData(ME, me);
}

export function useMe() {
  const queries = useQueryClient();
  return useQuery({
    queryKey: ME,
    queryFn: async () => {
      const me = await taken(api.GET('/api/session'));
      enter(queries, me);
      return me;
    },
    staleTime: 60_000,
  });
}

export function useSignIn() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (body: { username: string; password: string }) => taken(api.POST('/api/session', { body })),
    retry: false,
    onSuccess: (me) => enter(queries, me),
  });
}

/** Makes the first account of an empty server, and signs it in. */
export function useSetUp() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (body: Schemas['FirstAccount']) => taken(api.POST('/api/set-up', { body })),
    retry: false,
    onSuccess: (me) => enter(queries, me),
  });
}

export function useSignOut() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: () => taken(api.DELETE('/api/session')),
    onSuccess: (me) => enter(queries, me),
  });
}
