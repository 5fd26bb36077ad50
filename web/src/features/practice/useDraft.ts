import { api } from '../../api/client';
import { useKept } from '../../ui/useKept';

/** Keeps what is typed at an item and not yet sent: here at once, on the server a moment later. Fields of all parts in one map. */
export function useDraft(itemId: string) {
  return useKept(`draft-${itemId}`, (entries: Record<string, string>) =>
    api.PUT('/api/items/{itemId}/draft', { params: { path: { itemId } }, body: { entries } }).then(({ response }) => {
      if (response.status >= 500) {
        throw new Error('not kept');
      }
    }),
  );
}
