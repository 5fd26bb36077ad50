import { type QueryKey, useQuery } from '@tanstack/react-query';
import { keepers } from './keepers';

/**
 * What the server knows of a place where something is typed. It is asked anew whenever the place is opened, after everything typed
 * here has been sent, so that nobody is shown what stood there earlier. Without a connection the last known state is shown.
 */
export function useFresh<T>(queryKey: QueryKey, ask: () => Promise<T>, more: { refetchInterval?: number } = {}) {
  const query = useQuery({
    queryKey,
    queryFn: async () => {
      await keepers.settled();
      return ask();
    },
    staleTime: 0,
    refetchOnMount: 'always',
    ...more,
  });
  const { data, isFetchedAfterMount, failureCount, isFetching } = query;
  const isAsking = isFetching && !isFetchedAfterMount && failureCount === 0;
  return { ...query, shown: isAsking ? undefined : data };
}
