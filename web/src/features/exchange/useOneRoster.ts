import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, done, type Schemas, taken } from '../../api/client';

export type RosterPlan = Schemas['RosterPlan'];

/** A package, and the class of it that is meant; empty for its only one. */
export type Brought = { file: File; from: string };

function sent({ file, from }: Brought) {
  const form = new FormData();
  form.append('file', file, file.name);
  return { params: { query: { from } }, body: { file: file.name }, bodySerializer: () => form };
}

/** Bringing in a OneRoster package: what it would do, doing it, and undoing it for a day. */
export function useOneRoster() {
  const queries = useQueryClient();
  const last = useQuery({
    queryKey: ['oneroster'],
    queryFn: async () => (await taken(api.GET('/api/exchange/oneroster/last'))).last ?? null,
  });
  const changed = () =>
    Promise.all([['class'], ['codes'], ['oneroster']].map((queryKey) => queries.invalidateQueries({ queryKey })));
  const plan = useMutation({
    mutationFn: async (brought: Brought) => ({
      brought,
      plan: await taken(api.POST('/api/exchange/oneroster/plan', sent(brought))),
    }),
    retry: false,
  });
  const take = useMutation({
    mutationFn: (brought: Brought) => taken(api.POST('/api/exchange/oneroster', sent(brought))),
    onSuccess: () => {
      plan.reset();
      void changed();
    },
    retry: false,
  });
  const undo = useMutation({
    mutationFn: (id: string) => done(api.POST('/api/exchange/oneroster/{id}/undo', { params: { path: { id } } })),
    onSuccess: () => {
      take.reset();
      void changed();
    },
    retry: false,
  });
  return { last: last.data ?? null, plan, take, undo };
}

export type OneRosterHand = ReturnType<typeof useOneRoster>;
