import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useHeadway } from './useHeadway';

/** What the server is asked: `sent` is a file with what has to be known of it, `way` the number to ask by meanwhile. */
export type Calls<Sent, Plan, Taken, Last> = {
  /** Names what was taken in last among the answers that are kept. */
  key: readonly string[];
  /** Answers that are another after something was taken in or undone. */
  changes: readonly (readonly string[])[];
  last: () => Promise<Last | null>;
  plan: (sent: Sent, way: string) => Promise<Plan>;
  take: (sent: Sent, way: string) => Promise<Taken>;
  undo: (id: string) => Promise<unknown>;
};

/** Taking a file in: first what it would do, then doing it, and undoing it for a day. */
export function useTakingIn<Sent, Plan, Taken, Last>(calls: Calls<Sent, Plan, Taken, Last>) {
  const queries = useQueryClient();
  const last = useQuery({ queryKey: calls.key, queryFn: calls.last });
  const { headway, during } = useHeadway();
  const changed = () => Promise.all(calls.changes.map((queryKey) => queries.invalidateQueries({ queryKey })));
  const plan = useMutation({
    mutationFn: async (sent: Sent) => ({ sent, plan: await during((way) => calls.plan(sent, way)) }),
    retry: false,
  });
  const take = useMutation({
    mutationFn: (sent: Sent) => during((way) => calls.take(sent, way)),
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
  return { last: last.data ?? null, plan, take, undo, headway };
}
