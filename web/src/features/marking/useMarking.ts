import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, taken } from '../../api/client';
import { letter } from '../../outbox/letter';
import { useDeed } from '../../outbox/useDeed';

/** The pile of waiting work, and what can be said of a page of it. */
export function useMarking() {
  const queries = useQueryClient();
  const pile = useQuery({ queryKey: ['pile'], queryFn: () => taken(api.GET('/api/handed-in')) });
  const onDone = (_: unknown, { itemId }: { itemId: string }) => {
    void queries.invalidateQueries({ queryKey: ['pile'] });
    void queries.invalidateQueries({ queryKey: ['work', itemId] });
  };
  const said = { place: 'reading', refresh: [['pile'], ['work']], onDone };
  const read = useDeed({
    ...said,
    words: 'Your mark and comment',
    letter: ({ itemId, ...body }: { itemId: string; credit: number; comment: string }) =>
      letter('post', '/api/handed-in/{itemId}/read', { itemId }, body),
    copy: ({ comment }) => comment,
  });
  const sendBack = useDeed({
    ...said,
    words: 'Work sent back',
    letter: ({ itemId, comment }: { itemId: string; comment: string }) =>
      letter('post', '/api/handed-in/{itemId}/send-back', { itemId }, { comment }),
    copy: ({ comment }) => comment,
  });
  const unread = useDeed({
    ...said,
    words: 'A reading taken back',
    letter: ({ itemId }: { itemId: string }) => letter('post', '/api/handed-in/{itemId}/unread', { itemId }, undefined),
  });
  const refresh = () => void queries.invalidateQueries({ queryKey: ['pile'] });
  const save = useMutation({
    mutationFn: (text: string) => taken(api.POST('/api/handed-in/comments', { body: { text } })),
    onSuccess: refresh,
    retry: false,
  });
  const forget = useMutation({
    mutationFn: (id: string) => taken(api.DELETE('/api/handed-in/comments/{id}', { params: { path: { id } } })),
    onSuccess: refresh,
    retry: false,
  });
  return { pile, read, sendBack, unread, save, forget };
}

export type Marking = ReturnType<typeof useMarking>;
