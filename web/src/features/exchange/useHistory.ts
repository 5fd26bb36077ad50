import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, done, type Schemas, taken } from '../../api/client';

export type HistoryPlan = Schemas['HistoryPlan'];

function sent(file: File) {
  const form = new FormData();
  form.append('file', file, file.name);
  return { body: { file: file.name }, bodySerializer: () => form };
}

/** Bringing in a file of statements: what it would be, taking it, and undoing it for a day. */
export function useHistory() {
  const queries = useQueryClient();
  const last = useQuery({
    queryKey: ['history', 'last'],
    queryFn: async () => (await taken(api.GET('/api/exchange/history/last'))).last ?? null,
  });
  const changed = () => queries.invalidateQueries({ queryKey: ['history'] });
  const plan = useMutation({
    mutationFn: async (file: File) => ({
      file,
      plan: await taken(api.POST('/api/exchange/history/plan', sent(file))),
    }),
    retry: false,
  });
  const take = useMutation({
    mutationFn: (file: File) => taken(api.POST('/api/exchange/history', sent(file))),
    onSuccess: () => {
      plan.reset();
      void changed();
    },
    retry: false,
  });
  const undo = useMutation({
    mutationFn: (id: string) => done(api.POST('/api/exchange/history/{id}/undo', { params: { path: { id } } })),
    onSuccess: () => {
      take.reset();
      void changed();
    },
    retry: false,
  });
  return { last: last.data ?? null, plan, take, undo };
}

export type HistoryHand = ReturnType<typeof useHistory>;
