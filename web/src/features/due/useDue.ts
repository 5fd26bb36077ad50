import { useQuery } from '@tanstack/react-query';
import { api, taken } from '../../api/client';

export function useDue() {
  return useQuery({ queryKey: ['due'], queryFn: () => taken(api.GET('/api/due')) });
}

/** The check and what is due for a refresh. */
export function useCheck() {
  return useQuery({ queryKey: ['check'], queryFn: () => taken(api.GET('/api/check')) });
}
