import { useQueryClient } from '@tanstack/react-query';
import type { Schemas } from '../../api/client';
import { letter } from '../../outbox/letter';
import { useDeed } from '../../outbox/useDeed';

type Page = Schemas['Page'];

/**
 * What can be done with photos of work on paper.
 *
 * @param onTakenAway after one has gone, and with it the button that was pressed
 */
export function usePhotos(itemId: string, place: string, onTakenAway: () => void) {
  const queries = useQueryClient();
  const onDone = (now: Page) => void queries.setQueryData(['work', itemId], now);
  const common = { place, refresh: [['work', itemId]], onDone };
  const add = useDeed({
    ...common,
    words: 'A photo of your work',
    letter: (file: File) => letter('post', '/api/items/{itemId}/photos', { itemId }, file),
  });
  const turn = useDeed({
    ...common,
    words: 'A turned photo',
    letter: (photoId: string) => letter('post', '/api/photos/{photoId}/turn', { photoId }, undefined),
  });
  const remove = useDeed({
    ...common,
    onDone: (now: Page) => {
      onDone(now);
      onTakenAway();
    },
    words: 'A photo taken away',
    letter: (photoId: string) => letter('delete', '/api/photos/{photoId}', { photoId }, undefined),
  });
  return { add, turn, remove };
}
