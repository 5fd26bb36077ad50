import { useQuery } from '@tanstack/react-query';
import { api, taken } from '../../api/client';
import { useFirstThenAll } from '../../api/useFirstThenAll';

/** @param wantsAll whether also what is finished and past is asked for, and late work of long ago */
export function useDue(wantsAll: boolean) {
  return useFirstThenAll(['due'], (all) => taken(api.GET('/api/due', { params: { query: { all } } })), wantsAll);
}

/** The check and what is due for a refresh. */
export function useCheck() {
  return useQuery({ queryKey: ['check'], queryFn: () => taken(api.GET('/api/check')) });
}
