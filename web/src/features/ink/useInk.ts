import { type QueryClient, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useState } from 'react';
import { api, type Schemas, taken } from '../../api/client';
import { outbox } from '../../outbox';
import { letter } from '../../outbox/letter';
import { useFresh } from '../../outbox/useFresh';
import { useOutbox } from '../../outbox/useOutbox';
import type { Keeping } from '../../outbox/useTyped';
import { applied, type Change, draw, isNothing, parts, redo, type Sheet, sheetOf, together, undo } from './history';
import type { Stroke } from './strokes';

/** A request may have this many characters; the server takes more. */
const MOST_SENT = 150_000;

export type Layer = 'work' | 'marks';

const isChange = (value: unknown): value is Change =>
  typeof value === 'object' &&
  value !== null &&
  'put' in value &&
  Array.isArray(value.put) &&
  'removed' in value &&
  Array.isArray(value.removed);

export function useInkOf(itemId: string) {
  return useFresh(['ink', itemId], () => taken(api.GET('/api/items/{itemId}/ink', { params: { path: { itemId } } })));
}

/** Lays a change into the outbox: together with what waits there, as long as that is small enough to be sent. */
function handOver(itemId: string, place: string, slot: string, change: Change) {
  const before = outbox.replaceable(slot);
  const waiting = before?.letter.body;
  const all = isChange(waiting) ? together(waiting, change) : change;
  const isSmall = JSON.stringify(all).length < MOST_SENT;
  for (const part of isSmall ? [all] : parts(change, MOST_SENT)) {
    outbox.put({
      place,
      slot,
      words: 'Your ink',
      letter: letter('post', '/api/items/{itemId}/ink', { itemId }, part),
      refresh: [['ink', itemId]],
      soon: true,
      adds: !isSmall,
    });
  }
}

/** What has been sent belongs to what the server has, also when it cannot be asked. */
function sent(queries: QueryClient, itemId: string, layer: Layer, change: Change) {
  queries.setQueryData<Schemas['Ink']>(
    ['ink', itemId],
    (ink) => ink && { ...ink, [layer]: applied(ink[layer], change) },
  );
  void queries.invalidateQueries({ queryKey: ['work', itemId] });
}

/** One's own layer of a page: drawn here at once, on the server soon, and again until the server has it. */
export function useInk(itemId: string, place: string, layer: Layer, first: Stroke[]) {
  const slot = `ink/${layer}/${itemId}`;
  const queries = useQueryClient();
  const { standing } = useOutbox();
  /** What was drawn and the server does not have yet is drawn again. */
  const [sheet, setSheet] = useState<Sheet>(() =>
    sheetOf(
      outbox
        .waiting(slot)
        .reduce((strokes, { letter: { body } }) => (isChange(body) ? applied(strokes, body) : strokes), first),
    ),
  );
  useEffect(
    () =>
      outbox.news.onDone(
        (deed, { kind }) =>
          kind === 'done' &&
          deed.slot === slot &&
          isChange(deed.letter.body) &&
          sent(queries, itemId, layer, deed.letter.body),
      ),
    [slot, queries, itemId, layer],
  );
  useEffect(() => () => void outbox.flush(), []);
  const hand = useCallback(
    (made: Change) => !isNothing(made) && handOver(itemId, place, slot, made),
    [itemId, place, slot],
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
  const waits = standing === 'fine' ? 'keeping' : standing === 'signedOut' ? 'signedOut' : 'waiting';
  const state: Keeping = outbox.latest(slot) === undefined ? 'kept' : waits;
  return { sheet, state, change, undo: () => step(undo), redo: () => step(redo) };
}
