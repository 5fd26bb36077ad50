import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import { api, taken } from '../../api/client';
import { useKept } from '../../keeping/useKept';
import { useFresh } from '../../keeping/useFresh';
import { applied, type Change, draw, isNothing, NOTHING, parts, redo, type Sheet, sheetOf, together, undo } from './history';
import type { Stroke } from './strokes';

/** A request may have this many characters; the server takes more. */
const MOST_SENT = 150_000;

export type Layer = 'work' | 'marks';

const isChange = (value: unknown): value is Change =>
  typeof value === 'object' && value !== null && 'put' in value && Array.isArray(value.put) && 'removed' in value && Array.isArray(value.removed);

export function useInkOf(itemId: string) {
  return useFresh(['ink', itemId], () => taken(api.GET('/api/items/{itemId}/ink', { params: { path: { itemId } } })));
}

/** One's own layer of a page: drawn here at once, on the server soon, and again until the server has it. */
export function useInk(itemId: string, layer: Layer, first: Stroke[]) {
  const name = `ink-${layer}-${itemId}`;
  const queries = useQueryClient();
  const waiting = useRef<Change>(NOTHING);
  const kept = useKept(
    name,
    async (change: Change) => {
      for (const body of parts(change, MOST_SENT)) {
        // oxlint-disable-next-line no-await-in-loop -- in their order
        await taken(api.POST('/api/items/{itemId}/ink', { params: { path: { itemId } }, body }));
      }
      if (waiting.current === change) {
        waiting.current = NOTHING;
      }
      void queries.invalidateQueries({ queryKey: ['work', itemId] });
    },
    isChange,
  );
  /** What was drawn and the server does not have yet is drawn again. */
  const [sheet, setSheet] = useState<Sheet>(() => sheetOf(applied(first, kept.left ?? NOTHING)));
  const [left] = useState(kept.left);
  useEffect(() => {
    waiting.current = left ?? NOTHING;
  }, [left]);
  const { keep } = kept;
  const hand = useCallback(
    (change: Change) => {
      if (!isNothing(change)) {
        waiting.current = together(waiting.current, change);
        keep(waiting.current);
      }
    },
    [keep],
  );
  const change = (made: Change) => {
    if (!isNothing(made)) {
      setSheet(draw(sheet, made));
      hand(made);
    }
  };
  const step = (how: (sheet: Sheet) => [Sheet, Change]) => {
    const [next, made] = how(sheet);
    setSheet(next);
    hand(made);
  };
  return { sheet, state: kept.state, change, undo: () => step(undo), redo: () => step(redo) };
}
