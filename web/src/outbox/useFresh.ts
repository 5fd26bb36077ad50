import { type QueryKey, useQuery } from '@tanstack/react-query';
import { outbox } from '.';

/** A large picture on a slow line holds no page up. */
const PATIENCE_MS = 2000;

const patience = () => new Promise((resolve) => setTimeout(resolve, PATIENCE_MS));

/**
 * Asks after everything made here has been sent, and again as long as something was made meanwhile: an answer that was
 * on its way when a save went out may hold what stood there before the save.
 */
export async function askLast<T>(ask: () => Promise<T>): Promise<T> {
  await Promise.race([outbox.flush(), patience()]);
  const { turns } = outbox;
  const answer = await ask();
  return turns === outbox.turns ? answer : askLast(ask);
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
