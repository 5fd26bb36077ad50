import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, taken } from '../../api/client';

/** The pile of waiting work, and what can be said of a page of it. */
export function useMarking() {
  const queries = useQueryClient();
  const pile = useQuery({ queryKey: ['pile'], queryFn: () => taken(api.GET('/api/handed-in')) });
  const onSuccess = (_: unknown, { itemId }: { itemId: string }) => {
    void queries.invalidateQueries({ queryKey: ['pile'] });
    void queries.invalidateQueries({ queryKey: ['work', itemId] });
  };
  const read = useMutation({
    mutationFn: ({ itemId, ...body }: { itemId: string; credit: number; comment: string }) => taken(api.POST('/api/handed-in/{itemId}/read', { params: { path: { itemId } }, body })),
    onSuccess,
    retry: false,
  });
  const sendBack = useMutation({
    mutationFn: ({ itemId, comment }: { itemId: string; comment: string }) => taken(api.POST('/api/handed-in/{itemId}/send-back', { params: { path: { itemId } }, body: { comment } })),
    onSuccess,
    retry: false,
  });
  const unread = useMutation({
    mutationFn: ({ itemId }: { itemId: string }) => taken(api.POST('/api/handed-in/{itemId}/unread', { params: { path: { itemId } } })),
    onSuccess,
    retry: false,
  });
  const refresh = () => void queries.invalidateQueries({ queryKey: ['pile'] });
  const save = useMutation({ mutationFn: (text: string) => taken(api.POST('/api/handed-in/comments', { body: { text } })), onSuccess: refresh, retry: false });
  const forget = useMutation({ mutationFn: (id: string) => taken(api.DELETE('/api/handed-in/comments/{id}', { params: { path: { id } } })), onSuccess: refresh, retry: false });
  return { pile, read, sendBack, unread, save, forget };
}

export type Marking = ReturnType<typeof useMarking>;
