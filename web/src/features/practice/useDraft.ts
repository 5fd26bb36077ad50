import { useCallback } from 'react';
import { api } from '../../api/client';
import { keptOrGone } from '../../keeping/refusals';
import { useTyped } from '../../keeping/useKept';

/** By field id, one map a part. */
export type Entries = Record<string, string>[];

export const isEntries = (value: unknown): value is Entries => Array.isArray(value) && value.every((part) => typeof part === 'object' && part !== null);

/** What is typed at an item and not yet checked: here at once, on the server a moment later. */
export function useDraft(itemId: string, onServer: Entries) {
  const save = useCallback(
    async (entries: Entries) => {
      const { response } = await api.PUT('/api/items/{itemId}/draft', { params: { path: { itemId } }, body: { entries } });
      keptOrGone(response);
    },
    [itemId],
  );
  const { value, change, state } = useTyped(`draft-${itemId}`, onServer, save, isEntries);
  const type = (part: number, field: string, text: string) => change(value.with(part, { ...value[part], [field]: text }));
  return { entries: value, type, state };
}
