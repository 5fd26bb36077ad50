import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { api, Refusal, taken } from '../api/client';

const WAIT_MS = 160;
const AGAIN_MS = 2000;

function useSettled<T>(value: T): T {
  const [settled, setSettled] = useState(value);
  useEffect(() => {
    const timer = window.setTimeout(() => setSettled(value), WAIT_MS);
    return () => window.clearTimeout(timer);
  }, [value]);
  return settled;
}

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
