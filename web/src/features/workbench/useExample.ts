import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, newKey, type Schemas, taken } from '../../api/client';
import { useSettled } from '../../ui/useSettled';
import { type Draft, draftKey } from './useWorkbench';

export type Look = Schemas['ExampleLook'];
export type Level = Schemas['Level'];
type TypedSkill = Schemas['TypedSkill'];

/** What the server sees in an item; nothing is asked before item and answer are there. */
export function useLook(typed: string, given: string) {
  const text = useSettled(typed);
  const answer = useSettled(given);
  return useQuery({
    queryKey: ['example', text, answer],
    queryFn: () => taken(api.POST('/api/workbench/example/look', { body: { text, answer } })),
    enabled: text.trim().endsWith('?') && answer.trim() !== '',
    retry: false,
  });
}

export function useBeginWithItems(onDone: (draft: Draft) => void) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (body: TypedSkill) =>
      taken(api.POST('/api/workbench/example', { params: { header: { 'Idempotency-Key': newKey() } }, body })),
    onSuccess: (draft) => {
      queries.setQueryData(draftKey(draft.id), draft);
      void queries.invalidateQueries({ queryKey: ['workbench'], exact: true });
      onDone(draft);
    },
    retry: false,
  });
}
