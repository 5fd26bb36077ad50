import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { api, Refusal, taken } from '../api/client';
import { useSettled } from '../ui/useSettled';

const AGAIN_MS = 2000;

/** How the server's parser understands an entry. @param kind of the field, or "line" */
export function useReading(kind: string, letters: string[], entry: string) {
  const settled = useSettled(entry);
  return useQuery({
    queryKey: ['reading', kind, letters, settled],
    queryFn: () => taken(api.POST('/api/reading', { body: { kind, letters, entry: settled } })),
    enabled: settled.trim() !== '',
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    retry: false,
    /** Without a connection it is asked again by itself. */
    refetchInterval: ({ state }) => (state.error instanceof Refusal && state.error.offline ? AGAIN_MS : false),
  });
}
