import { type QueryKey, useQuery } from '@tanstack/react-query';
import { outbox } from '.';

const MOST_TIMES = 3;
/** A large picture on a slow line holds no page up. */
const PATIENCE_MS = 2000;

const patience = () => new Promise((resolve) => setTimeout(resolve, PATIENCE_MS));

/** Asks after everything made here has been sent, and again when something was made meanwhile. */
async function askLast<T>(ask: () => Promise<T>, times = MOST_TIMES): Promise<T> {
  await Promise.race([outbox.flush(), patience()]);
  const { turns } = outbox;
  const answer = await ask();
  return turns === outbox.turns || times === 1 ? answer : askLast(ask, times - 1);
}

/**
 * What the server knows of a place where something is typed. It is asked anew whenever the place is opened, after
 * everything typed here has been sent, so that nobody is shown what stood there earlier. Without a connection the last
 * known state is shown.
 */
export function useFresh<T>(queryKey: QueryKey, ask: () => Promise<T>, more: { refetchInterval?: number } = {}) {
  const query = useQuery({ queryKey, queryFn: () => askLast(ask), staleTime: 0, refetchOnMount: 'always', ...more });
  const { data, isFetchedAfterMount, failureCount, isFetching } = query;
  const isAsking = isFetching && !isFetchedAfterMount && failureCount === 0;
  return { ...query, shown: isAsking ? undefined : data };
}
