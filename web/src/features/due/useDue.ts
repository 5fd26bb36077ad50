import { useQuery } from '@tanstack/react-query';
import { api, taken } from '../../api/client';

export function useDue() {
  return useQuery({ queryKey: ['due'], queryFn: () => taken(api.GET('/api/due')) });
}

/**
 * Also what is finished and past, and late work of long ago.
 *
 * @param wanted whether it was asked for
 */
export function useAllDue(wanted: boolean) {
  return useQuery({
    queryKey: ['due', 'all'],
    queryFn: () => taken(api.GET('/api/due', { params: { query: { all: true } } })),
    enabled: wanted,
  });
}

/** The check and what is due for a refresh. */
export function useCheck() {
  return useQuery({ queryKey: ['check'], queryFn: () => taken(api.GET('/api/check')) });
}
