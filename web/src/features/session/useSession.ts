import { type QueryClient, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, Refusal, type Schemas, showClass, taken } from '../../api/client';
import { outbox } from '../../outbox';

const ME = ['me'];
type Me = Schemas['Me'];

/** What belonged to whoever was here before. */
function forgetOthers(queries: QueryClient) {
  queries.removeQueries({ predicate: (query) => query.queryKey[0] !== ME[0] });
}

/**
 * Shows who is here now; what was shown to others, or of another class, is forgotten. A session that has ended by
 * itself sends nobody away: the page stays, what is made on it waits, and one can sign in on the spot.
 *
 * @param isWanted whether it was asked for, by signing in or out
 */
export function enter(queries: QueryClient, me: Me, isWanted: boolean) {
  const before = queries.getQueryData<Me>(ME);
  if (!isWanted && before?.signedIn === true && before.id !== me.id) {
    outbox.lost();
    return before;
  }
  outbox.become(me.id);
  if (before?.name !== me.name || before.classId !== me.classId) {
    forgetOthers(queries);
  }
  showClass(me.role === 'INSTRUCTOR' ? me.classId : '');
  queries.setQueryData(ME, me);
  return me;
}

export function useMe() {
  const queries = useQueryClient();
  return useQuery({
    queryKey: ME,
    queryFn: async () => enter(queries, await taken(api.GET('/api/session')), false),
    staleTime: 60_000,
  });
}

export function useSignIn() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (body: { username: string; password: string }) => taken(api.POST('/api/session', { body })),
    retry: false,
    onSuccess: (me) => void enter(queries, me, true),
  });
}

/** Makes the first account of an empty server, and signs it in. */
export function useSetUp() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (body: Schemas['FirstAccount']) => taken(api.POST('/api/set-up', { body })),
    retry: false,
    onSuccess: (me) => void enter(queries, me, true),
  });
}

/**
 * Sends what waits, as far as it can be sent, and leaves. What still waits stays on this device for whoever made it.
 */
export function useSignOut() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: async () => {
      await outbox.flush();
      return taken(api.DELETE('/api/session'));
    },
    onSuccess: (me) => void enter(queries, me, true),
  });
}

/** Signs in again as the one who is shown here. */
export function useSignInAgain() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: async ({ id, ...body }: { id: string; username: string; password: string }) => {
      const me = await taken(api.POST('/api/session', { body }));
      if (me.id !== id) {
        throw new Refusal('This is the name of somebody else. What waits here belongs to the one who made it.', 409);
      }
      return me;
    },
    retry: false,
    onSuccess: (me) => {
      enter(queries, me, true);
      void queries.invalidateQueries({ predicate: (query) => query.queryKey[0] !== ME[0] });
    },
  });
}
