import { useQuery } from '@tanstack/react-query';

/**
 * A list of which a part is loaded at first, and the whole once it is asked for.
 *
 * @param name of what is kept of it
 * @param load the part, or with `true` the whole
 * @param wantsAll whether the whole is asked for now; what was asked for before may be kept still, and be old
 */
export function useFirstThenAll<List>(name: string[], load: (all: boolean) => Promise<List>, wantsAll: boolean) {
  const first = useQuery({ queryKey: name, queryFn: () => load(false) });
  const all = useQuery({ queryKey: [...name, 'all'], queryFn: () => load(true), enabled: wantsAll });
  return { first, all, data: (wantsAll ? all.data : undefined) ?? first.data };
}
