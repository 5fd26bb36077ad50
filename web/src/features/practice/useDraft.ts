import { letter } from '../../outbox/letter';
import { useTyped } from '../../outbox/useTyped';

/** By field id, one map a part. */
export type Entries = Record<string, string>[];

const isEntries = (value: unknown): value is Entries =>
  Array.isArray(value) && value.every((part) => typeof part === 'object' && part !== null);

/** What is entered, out of the body of a request. */
export function entriesOf(body: unknown): Entries | null {
  return typeof body === 'object' && body !== null && 'entries' in body && isEntries(body.entries)
    ? body.entries
    : null;
}

/** What the slots of drafts begin with. */
export const DRAFT = 'draft/';

/** As text that can be copied. */
export const textOf = (entries: Entries) =>
  entries
    .flatMap((part) => Object.values(part))
    .filter((text) => text.trim() !== '')
    .join('\n');

/** All that is made at an item goes out in its order. */
export const placeOf = (itemId: string) => `item/${itemId}`;

/**
 * What is typed at an item and not yet checked: here at once, on the server a moment later.
 *
 * @param source name of the query that shows what the server has
 * @param tag of what the server has
 */
export function useDraft(source: unknown[], itemId: string, onServer: Entries, tag: string) {
  const { value, change, state, twoSides } = useTyped<Entries>(
    {
      source,
      place: placeOf(itemId),
      slot: DRAFT + itemId,
      words: 'Your answer, not checked yet',
      letter: (entries) => letter('put', '/api/items/{itemId}/draft', { itemId }, { entries }),
      typed: entriesOf,
      copy: textOf,
    },
    onServer,
    tag,
  );
  const type = (part: number, field: string, text: string) =>
    change((before) => before.with(part, { ...before[part], [field]: text }));
  return { entries: value, type, state, twoSides };
}
