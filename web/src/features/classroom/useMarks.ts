import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, taken } from '../../api/client';

/** The marks, page by page; each page stays to be seen until the next one is there. */
export function useMarks() {
  const [from, move] = useState<number>();
  const [words, setWords] = useState('');
  const page = useQuery({
    queryKey: ['marks', 'page', from ?? 'latest', words],
    queryFn: () =>
      taken(api.GET('/api/class/marks', { params: { query: { words, ...(from !== undefined && { from }) } } })),
    placeholderData: keepPreviousData,
  });
  const means = useQuery({ queryKey: ['marks', 'means'], queryFn: () => taken(api.GET('/api/class/marks/means')) });
  const find = (wanted: string) => {
    move(undefined);
    setWords(wanted);
  };
  return { page, means, from, words, move, find, backToLatest: () => find('') };
}
