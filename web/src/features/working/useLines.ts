import { useMutation, useQueryClient } from '@tanstack/react-query';
import { type RefObject, useState } from 'react';
import { flushSync } from 'react-dom';
import { api, type Schemas, taken } from '../../api/client';
import { letter } from '../../outbox/letter';
import { useTyped } from '../../outbox/useTyped';
import { type Action, after, counted, keptOf, type Page, pageOf } from './lines';

export type Kept = Schemas['WorkLine'];
export type Place = { assignmentId: string; skillId: string };

const isLine = (line: unknown): line is Kept =>
  typeof line === 'object' &&
  line !== null &&
  'text' in line &&
  typeof line.text === 'string' &&
  'struck' in line &&
  typeof line.struck === 'boolean';
const isLines = (value: unknown): value is Kept[] => Array.isArray(value) && value.every(isLine);

function linesOf(body: unknown): Kept[] | null {
  return typeof body === 'object' && body !== null && 'lines' in body && isLines(body.lines) ? body.lines : null;
}

export const textOf = (lines: Kept[]) => lines.map((line) => line.text).join('\n');

/** Asks the server what follows, and gives back for each line what was said of it while it stands unchanged. */
export function useLineCheck(itemId: string, page: Page) {
  const { texts, places } = counted(page.lines);
  const check = useMutation({
    mutationFn: async (place: Place) => ({
      lines: texts,
      views: await taken(
        api.POST('/api/practice/{assignmentId}/{skillId}/lines', {
          params: { path: place },
          body: { itemId, lines: texts },
        }),
      ),
    }),
    retry: false,
  });
  const viewOf = (index: number) => {
    const place = places[index] ?? -1;
    const same =
      place >= 0 &&
      texts[place] !== '' &&
      check.data?.lines.slice(0, place + 1).join('\n') === texts.slice(0, place + 1).join('\n');
    return same ? check.data?.views[place] : undefined;
  };
  return { check, viewOf, isEmpty: texts.every((t) => t.trim() === '') };
}

type What = {
  itemId: string;
  place: string;
  first: Kept[];
  tag: string;
  list: RefObject<HTMLOListElement | null>;
};

/** The lines of a page as they are written, kept, and undone. */
export function useLines({ itemId, place, first, tag, list }: What) {
  const queries = useQueryClient();
  const { value, change, state, twoSides } = useTyped<Kept[]>(
    {
      source: ['work', itemId],
      place,
      slot: `lines/${itemId}`,
      words: 'Your lines',
      letter: (lines) => letter('put', '/api/items/{itemId}/work', { itemId }, { lines }),
      typed: linesOf,
      copy: textOf,
      onDone: (page) => queries.setQueryData(['work', itemId], page),
    },
    first,
    tag,
  );
  const [page, setPage] = useState(() => pageOf(value));
  /** Lines that came from elsewhere are taken over; one's own are there already. */
  const [shown, setShown] = useState(value);
  if (shown !== value) {
    setShown(value);
    if (JSON.stringify(value) !== JSON.stringify(keptOf(page))) {
      setPage(pageOf(value));
    }
  }
  /** At once, so that what is typed next lands in the right line. */
  const act = (action: Action, focus?: number) => {
    const next = after(page, action);
    flushSync(() => setPage(next));
    if (next !== page) {
      change(() => keptOf(next));
    }
    if (focus !== undefined) {
      list.current?.querySelectorAll<HTMLElement>('[data-line]')[focus]?.focus();
    }
  };
  return { page, act, state, twoSides };
}
