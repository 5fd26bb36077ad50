import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';

/** What the server is asked: `sent` is a file with what has to be known of it. */
export type Calls<Sent, Plan, Taken, Last> = {
  /** Names what was taken in last among the answers that are kept. */
  key: readonly string[];
  /** Answers that are another after something was taken in or undone. */
  changes: readonly (readonly string[])[];
  last: () => Promise<Last | null>;
  plan: (sent: Sent) => Promise<Plan>;
  take: (sent: Sent) => Promise<Taken>;
  undo: (id: string) => Promise<unknown>;
};

/** Taking a file in: first what it would do, then doing it, and undoing it for a day. */
export function useTakingIn<Sent, Plan, Taken, Last>(calls: Calls<Sent, Plan, Taken, Last>) {
  const queries = useQueryClient();
  const last = useQuery({ queryKey: calls.key, queryFn: calls.last });
  const changed = () => Promise.all(calls.changes.map((queryKey) => queries.invalidateQueries({ queryKey })));
  const plan = useMutation({
    mutationFn: async (sent: Sent) => ({ sent, plan: await calls.plan(sent) }),
    retry: false,
  });
  const take = useMutation({
    mutationFn: calls.take,
    onSuccess: () => {
      plan.reset();
      void changed();
    },
    retry: false,
  });
  const undo = useMutation({
    mutationFn: calls.undo,
    onSuccess: () => {
      take.reset();
      void changed();
    },
    retry: false,
  });
  return { last: last.data ?? null, plan, take, undo };
}
